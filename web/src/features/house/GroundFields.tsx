import type { JobView, Schemas } from "../../api/client";
import type { JobEditing } from "../../api/useJobEditing";
import { ChoiceRow, NumberField } from "../../components/Field";
import { useSpeech } from "../../speech/useSpeech";

type Ground = Schemas["Ground"];

interface Props {
  readonly job: JobView["job"];
  readonly editing: JobEditing;
}

/** What the lowest storey stands on: a slab or not, what the soil bears, from where on a slab is thicker under a point. */
export function GroundFields({ job, editing }: Props) {
  const { say } = useSpeech();
  const { ground } = job.house;
  const change = (part: Partial<Ground>) =>
    editing
      .run((now) => ({ do: "change_ground", ground: { ...now.house.ground, ...part } }))
      .then((problem) => problem?.said);
  return (
    <section className="no-print pt-3" aria-label={say("page-the-ground")}>
      <h3 className="font-bold">{say("page-the-ground")}</h3>
      <div className="grid gap-2 sm:grid-cols-3">
        <ChoiceRow
          label={say("page-under-the-lowest-storey")}
          value={ground.slab ? "slab" : "none"}
          options={[
            { value: "slab", label: say("page-a-slab") },
            { value: "none", label: say("page-no-slab") },
          ]}
          choose={(value) => void change({ slab: value === "slab" })}
        />
        <NumberField
          label={say("page-soil-bears")}
          quantity="pounds_per_square_foot"
          number={ground.soil}
          input="soil"
          save={(soil) => change({ soil })}
        />
        <NumberField
          label={say("page-thicker-slab-over")}
          quantity="pounds"
          number={ground.thick_slab_over}
          input="thick-slab-over"
          save={(thick_slab_over) => change({ thick_slab_over })}
        />
      </div>
    </section>
  );
}
