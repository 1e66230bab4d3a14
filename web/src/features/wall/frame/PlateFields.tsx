import type { Schemas } from "../../../api/client";
import { ChoiceList, ChoiceRow, LengthsField } from "../../../components/Field";
import { Form } from "../../../components/Form";
import { NM_PER_FOOT } from "../../../lib/length";
import { useSpeech, type Words } from "../../../speech/useSpeech";
import { BOLT_FORM, PLATE_FORM } from "./forms";
import { studChoices } from "./studs";

type Options = Schemas["AnsweredFramingOptions"];
type Sent = Schemas["FramingOptions"];
type Save = (part: Partial<Sent>) => Promise<Words | undefined>;

interface Props {
  readonly options: Options;
  readonly change: Save;
}

const LAPS = [
  { value: "flush", label: { id: "page-flush-with-the-wall" } },
  { value: "held_back", label: { id: "page-held-back" } },
  { value: "runs_over", label: { id: "page-runs-over" } },
] as const;

/** Plates: their boards, breaks and laps; what they are bolted to. */
export function PlateFields({ options, change }: Props) {
  const { say } = useSpeech();
  const own = options.own_breaks;
  const bolts = options.bolts;
  return (
    <details>
      <summary className="ruled tap flex cursor-pointer items-center">
        {say("page-plates-laps-and-bolts")}
      </summary>
      <div className="mt-2 grid gap-3">
        <div className="grid gap-3 sm:grid-cols-2">
          <Form<Options, Sent> value={options} fields={PLATE_FORM} change={change} />
          <Lap end="left" options={options} change={change} />
          <Lap end="right" options={options} change={change} />
        </div>
        <ChoiceRow
          label={say("page-breaks-of-the-top-plates")}
          value={own == null ? "placed" : "own"}
          options={[
            { value: "placed", label: say("page-placed-by-the-stock") },
            { value: "own", label: say("page-where-i-say") },
          ]}
          choose={(value) => void change({ own_breaks: value === "own" ? { lower: [], upper: [] } : null })}
        />
        {own != null && (
          <div className="grid grid-cols-2 gap-3">
            <LengthsField
              label={say("page-lower-plate-breaks-at")}
              hint={say("page-a-comma-between")}
              lengths={own.lower}
              save={(lower) => change({ own_breaks: { ...own, lower } })}
            />
            <LengthsField
              label={say("page-upper-plate-breaks-at")}
              lengths={own.upper}
              save={(upper) => change({ own_breaks: { ...own, upper } })}
            />
          </div>
        )}
        <ChoiceRow
          label={say("page-it-stands-on")}
          value={bolts == null ? "wood" : "concrete"}
          options={[
            { value: "wood", label: say("page-a-wood-floor") },
            { value: "concrete", label: { id: "page-concrete-bolted" } },
          ]}
          choose={(value) => void change({ bolts: value === "concrete" ? 6 * NM_PER_FOOT : null })}
        />
        {bolts != null && (
          <div className="grid grid-cols-2 gap-3">
            <Form<Options, Sent> value={options} fields={BOLT_FORM} change={change} />
          </div>
        )}
      </div>
    </details>
  );
}

interface LapProps extends Props {
  readonly end: "left" | "right";
}

/** How the second top plate ends, and how deep the wall is that it laps with. */
function Lap({ end, options, change }: LapProps) {
  const { say } = useSpeech();
  const field = end === "left" ? "left_lap" : "right_lap";
  const lap = options[field] ?? { how: "flush" };
  const depth = lap.how === "flush" ? "four" : lap.depth;
  const save = (how: typeof lap.how, deep: typeof depth) =>
    void change({ [field]: how === "flush" ? { how } : { how, depth: deep } });
  return (
    <div className="grid gap-1">
      <ChoiceList
        label={say("page-second-top-plate-end", { end })}
        value={lap.how}
        options={LAPS}
        choose={(how) => save(how, depth)}
      />
      {lap.how !== "flush" && (
        <ChoiceRow
          label={say("page-the-wall-it-meets")}
          value={depth as "four" | "six" | "eight"}
          options={studChoices(options.sawn)}
          choose={(next) => save(lap.how, next)}
        />
      )}
    </div>
  );
}
