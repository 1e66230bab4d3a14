import type { Schemas } from "../../../api/client";
import { ChoiceList, LengthField } from "../../../components/Field";
import { NM_PER_INCH } from "../../../lib/length";
import { useSpeech, type Words } from "../../../speech/useSpeech";

type Options = Schemas["AnsweredFramingOptions"];
type Over = Options["ceiling"]["over"];

interface Props {
  readonly options: Options;
  readonly change: (part: Partial<Schemas["FramingOptions"]>) => Promise<Words | undefined>;
}

/** What the top plate of a partition is held by: joists that run along it want blocks between them. */
export function CeilingFields({ options, change }: Props) {
  const { say } = useSpeech();
  const { ceiling } = options;
  return (
    <>
      <ChoiceList<Over>
        label={say("page-the-ceiling-over-it")}
        value={ceiling.over}
        options={[
          { value: "not_said", label: say("page-joists-cross-it") },
          { value: "joists_along", label: say("page-joists-run-along-it") },
          { value: "hangs_free", label: say("page-it-hangs-free") },
        ]}
        choose={(over) =>
          void change({
            ceiling: over === "joists_along" ? { over, clear: USUAL_CLEAR, every: USUAL_EVERY } : { over },
          })
        }
      />
      {ceiling.over === "joists_along" && (
        <div className="grid gap-2 sm:grid-cols-2">
          <LengthField
            label={say("page-between-the-joists")}
            style="inches"
            length={ceiling.clear}
            input="ceiling-clear"
            save={(clear) => change({ ceiling: { ...ceiling, clear } })}
          />
          <LengthField
            label={say("page-blocks-every")}
            style="inches"
            length={ceiling.every}
            input="ceiling-every"
            save={(every) => change({ ceiling: { ...ceiling, every } })}
          />
        </div>
      )}
    </>
  );
}

/** Between joists 16 in. on center. */
const USUAL_CLEAR = 14.5 * NM_PER_INCH;
const USUAL_EVERY = 24 * NM_PER_INCH;
