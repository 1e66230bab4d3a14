import { useState } from "react";
import type { Schemas } from "../../../api/client";
import { ChoiceRow, LengthField, MaybeLengthField, TextField } from "../../../components/Field";
import { NM_PER_INCH } from "../../../lib/length";
import { useSpeech, type Words } from "../../../speech/useSpeech";

type Options = Schemas["AnsweredFramingOptions"];
type Clear = Schemas["KeptClear"];

interface Props {
  readonly options: Options;
  readonly change: (part: Partial<Schemas["FramingOptions"]>) => Promise<Words | undefined>;
}

/** Pipes and ducts through the plates, and bays kept clear for fixtures. */
export function KeptClearFields({ options, change }: Props) {
  const { say } = useSpeech();
  const [fresh, setFresh] = useState(false);
  const all = options.kept_clear;
  const replace = (index: number, part: Partial<Clear>) =>
    change({ kept_clear: all.map((each, place) => (place === index ? { ...each, ...part } : each)) });
  return (
    <fieldset>
      <legend className="ruled w-full">{say("page-what-studs-keep-clear-of")}</legend>
      {all.map((each, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two pipes may be called alike
        <div key={index} className="mt-2 grid gap-2 border-base-300 border-l-4 pl-3 sm:grid-cols-2">
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
          <button
            type="button"
            className="btn btn-ghost tap justify-self-start font-normal"
            onClick={() => void change({ kept_clear: all.filter((_, place) => place !== index) })}
          >
            {say("page-take-it-away")}
          </button>
        </div>
      ))}
      {fresh ? (
        <div className="mt-2 grid gap-2 bg-base-200 p-3 sm:grid-cols-2">
          <MaybeLengthField
            label={say("page-its-center")}
            hint={say("page-it-is-kept-when-its-place-is")}
            length={undefined}
            save={async (at) => {
              if (at === null) return say("page-write-its-place");
              const added: Clear = { name: say("page-pipe"), at, width: USUAL_PIPE, clear_for: "pipe" };
              const refusal = await change({ kept_clear: [...all, added] });
              if (refusal === undefined) setFresh(false);
              return refusal;
            }}
          />
          <button
            type="button"
            className="btn btn-ghost tap self-end font-normal"
            onClick={() => setFresh(false)}
          >
            {say("page-leave-it")}
          </button>
        </div>
      ) : (
        <button type="button" className="btn tap mt-2 font-normal" onClick={() => setFresh(true)}>
          {say("page-studs-keep-clear-of-something")}
        </button>
      )}
    </fieldset>
  );
}

/** A pipe that nobody measured yet. */
const USUAL_PIPE = 2 * NM_PER_INCH;
