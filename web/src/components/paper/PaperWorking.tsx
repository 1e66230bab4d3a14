import type { Schemas } from "../../api/client";
import { together } from "../../lib/together";
import { resultIn } from "../../speech/figures";
import { useSpeech } from "../../speech/useSpeech";
import { FormulaView } from "./FormulaView";

type Line = Schemas["WorkingLine"];

/** Working, line by line. The arithmetic stands in the code's units; who measures in millimeters reads the result in theirs beside it. */
export function PaperWorking({ lines }: { readonly lines: readonly Line[] }) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reachable by keyboard
    <div tabIndex={0} className="overflow-x-auto print:overflow-visible">
      {lines.map((line, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the lines never change within a version
        <WorkingLine key={index} line={line} />
      ))}
    </div>
  );
}

function WorkingLine({ line }: { readonly line: Line }) {
  const { say, units } = useSpeech();
  if (line.line === "note") return <p className="my-1 max-w-prose">{together(say(line.words))}</p>;
  return (
    <div className="my-1.5 grid break-inside-avoid gap-x-4 border-base-300 border-b pb-1 sm:grid-cols-[1fr_auto]">
      <div className="min-w-0">
        <p className="text-secondary first-letter:uppercase">{say(line.what)}</p>
        <p className="py-1 text-lg" data-formula>
          {line.sides.map((side, place) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the sides stay in their places
            <span key={place} className={place === 0 ? "font-bold" : ""}>
              {place > 0 && " = "}
              <FormulaView formula={side} />
            </span>
          ))}{" "}
          = <b className="whitespace-nowrap">{resultIn(units, line.value, line.unit)}</b>
        </p>
      </div>
      <p className="self-end text-right text-secondary text-sm">{say(line.clause)}</p>
    </div>
  );
}
