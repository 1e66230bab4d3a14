import type { Schemas } from "../api/client";

/** One line of working: what, symbol, formula, figures, result, clause. */
export function WorkingLine({ line }: { readonly line: Schemas["SheetLine"] }) {
  if (line.line === "note") {
    return <p className="my-1 max-w-prose">{line.text}</p>;
  }
  const showsFigures = line.figures !== line.formula;
  return (
    <div className="my-1.5 grid gap-x-4 border-base-300 border-b pb-1 sm:grid-cols-[1fr_auto]">
      <p>
        <span className="text-secondary text-sm">{line.what}</span>
        <span className="block font-mono text-[0.95rem]">
          <b>{line.symbol}</b> = {line.formula}
          {showsFigures && <span className="text-secondary"> = {line.figures}</span>} = <b>{line.result}</b>
        </span>
      </p>
      <p className="self-end text-right text-secondary text-xs">{line.clause}</p>
    </div>
  );
}
