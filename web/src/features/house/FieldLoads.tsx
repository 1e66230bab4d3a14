import type { JobView, Schemas } from "../../api/client";
import type { JobEditing } from "../../api/useJobEditing";
import { ChoiceRow, LengthField, MaybeLengthField, NumberField } from "../../components/Field";
import { useSpeech } from "../../speech/useSpeech";
import { partNow } from "./parts";
import type { Station } from "./stations";

type Job = JobView["job"];
type What = Schemas["Field"]["what"];
type Save<W extends What> = (part: Partial<W>) => Promise<Schemas["Phrase"] | undefined>;

interface Props {
  readonly job: Job;
  readonly station: Station;
  readonly editing: JobEditing;
}

/** What lies on a field that is picked in plan, and how it is framed. */
export function FieldLoads({ job, station, editing }: Props) {
  const { say } = useSpeech();
  const part = partNow(job.house, station);
  if (part?.part !== "field") return null;
  const { what } = part;
  const save = (change: Partial<What>) =>
    editing
      .run((now) => {
        const there = partNow(now.house, station);
        if (there?.part !== "field" || there.what.kind !== what.kind) return undefined;
        return { do: "change_part", part: { ...there, what: { ...there.what, ...change } as What } };
      })
      .then((problem) => problem?.said);
  return (
    <section className="no-print pt-3" aria-label={say("page-what-lies-on-it")}>
      <h3 className="font-bold">{say("page-what-lies-on-it")}</h3>
      <div className="grid gap-2 sm:grid-cols-2 md:grid-cols-3" key={part.id}>
        {what.kind === "floor_field" && <Floor floor={what} save={save} />}
        {what.kind === "ceiling_field" && <Ceiling ceiling={what} save={save} />}
        {what.kind === "roof_field" && <Roof roof={what} save={save} />}
      </div>
    </section>
  );
}

const PSF = "pounds_per_square_foot";

type FloorField = Extract<What, { kind: "floor_field" }>;

function Floor({ floor, save }: { readonly floor: FloorField; readonly save: Save<FloorField> }) {
  const { say } = useSpeech();
  return (
    <>
      <NumberField
        label={say("page-floor-dead")}
        quantity={PSF}
        number={floor.dead}
        input="floor-dead"
        save={(dead) => save({ dead })}
      />
      <NumberField
        label={say("page-floor-live")}
        quantity={PSF}
        number={floor.live}
        input="floor-live"
        save={(live) => save({ live })}
      />
      <MaybeLengthField
        label={say("page-joists-are-deep")}
        style="inches"
        length={floor.joist_depth as number | null | undefined}
        input="joist-depth"
        save={(joist_depth) => save({ joist_depth })}
      />
      <ChoiceRow
        label={say("page-its-joists")}
        value={floor.joints}
        options={[
          { value: "at_every_support", label: say("page-cut-or-lapped") },
          { value: "none", label: say("page-in-one-piece") },
        ]}
        choose={(joints) => void save({ joints })}
      />
    </>
  );
}

type CeilingField = Extract<What, { kind: "ceiling_field" }>;

function Ceiling({ ceiling, save }: { readonly ceiling: CeilingField; readonly save: Save<CeilingField> }) {
  const { say } = useSpeech();
  return (
    <>
      <NumberField
        label={say("page-ceiling-dead")}
        quantity={PSF}
        number={ceiling.ceiling_dead}
        input="ceiling-dead"
        save={(ceiling_dead) => save({ ceiling_dead })}
      />
      <NumberField
        label={say("page-attic-live")}
        quantity={PSF}
        number={ceiling.attic_live}
        input="attic-live"
        save={(attic_live) => save({ attic_live })}
      />
      <ChoiceRow
        label={say("page-its-joists")}
        value={ceiling.lapped ? "lapped" : "through"}
        options={[
          { value: "lapped", label: say("page-cut-or-lapped") },
          { value: "through", label: say("page-in-one-piece") },
        ]}
        choose={(how) => void save({ lapped: how === "lapped" })}
      />
    </>
  );
}

type RoofField = Extract<What, { kind: "roof_field" }>;

function Roof({ roof, save }: { readonly roof: RoofField; readonly save: Save<RoofField> }) {
  const { say } = useSpeech();
  return (
    <>
      <NumberField
        label={say("page-rise-in-12")}
        number={roof.rise_in_twelve}
        input="rise-in-twelve"
        save={(rise_in_twelve) => save({ rise_in_twelve })}
      />
      <NumberField
        label={say("page-roof-dead")}
        quantity={PSF}
        number={roof.roof_dead}
        input="roof-dead"
        save={(roof_dead) => save({ roof_dead })}
      />
      <LengthField
        label={say("page-overhang")}
        style="inches"
        length={roof.overhang as number}
        input="overhang"
        save={(overhang) => save({ overhang })}
      />
      {roof.framing === "trusses" && (
        <NumberField
          label={say("page-ceiling-dead")}
          quantity={PSF}
          number={roof.ceiling_dead}
          input="ceiling-dead"
          save={(ceiling_dead) => save({ ceiling_dead })}
        />
      )}
      {roof.framing !== "one_way" && (
        <NumberField
          label={say("page-gables-weigh")}
          quantity={PSF}
          number={roof.gable_weight}
          input="gable-weight"
          save={(gable_weight) => save({ gable_weight })}
        />
      )}
    </>
  );
}
