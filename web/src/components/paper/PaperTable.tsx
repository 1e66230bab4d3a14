import type { Schemas } from "../../api/client";
import { together } from "../../lib/together";
import { useSpeech } from "../../speech/useSpeech";

const SIDES = { left: "text-left", right: "num text-right", name: "text-left" };

/** A table of a paper; what names a row is its head. */
export function PaperTable({ table }: { readonly table: Schemas["Table"] }) {
  const { say } = useSpeech();
  const { columns, rows, big } = table;
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reachable by keyboard
    <div tabIndex={0} className="overflow-x-auto print:overflow-visible">
      <table className={`my-2 ${big ? "text-lg" : ""}`}>
        {columns.some((column) => column.words) && (
          <thead>
            <tr className="text-secondary text-sm">
              {columns.map((column, place) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: columns stay in their places
                <th key={place} scope="col" className={`pr-5 font-normal ${SIDES[column.side]}`}>
                  {column.words && say(column.words)}
                </th>
              ))}
            </tr>
          </thead>
        )}
        <tbody>
          {rows.map((row, line) => (
            <tr
              // biome-ignore lint/suspicious/noArrayIndexKey: rows stay in their places
              key={line}
              className={`break-inside-avoid border-base-300 border-b align-top ${row.strong ? "font-bold" : ""}`}
            >
              {row.cells.map((cell, place) => {
                const side = columns[place]?.side ?? "left";
                const Cell = side === "name" ? "th" : "td";
                return (
                  <Cell
                    // biome-ignore lint/suspicious/noArrayIndexKey: cells stay in their places
                    key={place}
                    scope={side === "name" ? "row" : undefined}
                    className={`py-0.5 pr-5 ${SIDES[side]}`}
                  >
                    {together(say(cell))}
                  </Cell>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
