import type { Schemas } from "../../../api/client";
import { ChoiceRow, LengthField, MaybeLengthField, TextField } from "../../../components/Field";
import { NM_PER_INCH } from "../../../lib/length";
import { useSpeech, type Words } from "../../../speech/useSpeech";
import { EditedList } from "./EditedList";

type Options = Schemas["AnsweredFramingOptions"];
type Clear = Schemas["KeptClear"];

interface Props {
  readonly options: Options;
  readonly change: (part: Partial<Schemas["FramingOptions"]>) => Promise<Words | undefined>;
}

/** Pipes and ducts through the plates, and bays kept clear for fixtures. */
export function KeptClearFields({ options, change }: Props) {
  const { say } = useSpeech();
  const all = options.kept_clear;
  const replace = (index: number, part: Partial<Clear>) =>
    change({ kept_clear: all.map((each, place) => (place === index ? { ...each, ...part } : each)) });
  return (
    <EditedList
      legend={say("page-what-studs-keep-clear-of")}
      all={all}
      keep={(left) => void change({ kept_clear: left })}
      more={say("page-studs-keep-clear-of-something")}
      fields={(each, index) => (
        <>
          <TextField
            label={say("page-what-it-is")}
            value={each.name}
            input="kept-clear-name"
            numeric={false}
            save={(name) => replace(index, { name })}
          />
          <ChoiceRow
            label={say("page-through-the-plates")}
            value={each.clear_for}
            options={[
              { value: "pipe", label: say("page-a-pipe-or-duct") },
              { value: "fixture", label: say("page-a-bay-only") },
            ]}
            choose={(clear_for) => void replace(index, { clear_for })}
          />
          <LengthField
            label={say("page-its-center")}
            length={each.at}
            input="kept-clear-at"
            save={(at) => replace(index, { at })}
          />
          <LengthField
            label={say("page-its-width")}
            style="inches"
            length={each.width}
            input="kept-clear-width"
            save={(width) => replace(index, { width })}
          />
        </>
      )}
      fresh={(done) => (
        <>
          <MaybeLengthField
            label={say("page-its-center")}
            hint={say("page-it-is-kept-when-its-place-is")}
            length={undefined}
            save={async (at) => {
              if (at === null) return say("page-write-its-place");
              const added: Clear = { name: say("page-pipe"), at, width: USUAL_PIPE, clear_for: "pipe" };
              const refusal = await change({ kept_clear: [...all, added] });
              if (refusal === undefined) done();
              return refusal;
            }}
          />
        </>
      )}
    />
  );
}

/** A pipe that nobody measured yet. */
const USUAL_PIPE = 2 * NM_PER_INCH;
