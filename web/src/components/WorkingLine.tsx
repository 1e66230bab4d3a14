import type { Schemas } from "../api/client";
import { sheetFigure } from "../speech/figures";
import { useSpeech } from "../speech/useSpeech";
import { clauseText } from "./clause";
import { Formula } from "./Formula";

/** One line of working: what, symbol, formula, figures, result, clause. The arithmetic stands in the code's units; who measures in
 * millimeters reads the result in theirs beside it. */
export function WorkingLine({ line }: { readonly line: Schemas["SheetLine"] }) {
  const { say, units } = useSpeech();
  if (line.line === "note") {
    return <p className="my-1 max-w-prose">{say(line.text)}</p>;
  }
  const { own, metric } = sheetFigure(line.value, line.unit);
  const showsFigures = line.figures !== line.formula;
  return (
    <div className="my-1.5 grid gap-x-4 border-base-300 border-b pb-1 sm:grid-cols-[1fr_auto]">
      <p>
        <span className="text-secondary text-sm">{say(line.what)}</span>
        <span className="block font-mono text-[0.95rem]" data-formula>
          <b>
            <Formula text={line.symbol} />
          </b>{" "}
          = <Formula text={line.formula} />
          {showsFigures && <span className="text-secondary"> = {line.figures}</span>} = <b>{own}</b>
          {units === "millimeters" && metric && <b className="whitespace-nowrap"> ({metric})</b>}
        </span>
      </p>
      <p className="self-end text-right text-secondary text-xs">{clauseText(say, line.clause)}</p>
    </div>
  );
}
