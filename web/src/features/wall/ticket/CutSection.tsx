import type { Ticket } from "../../../api/client";
import { LengthText } from "../../../components/LengthText";

/** What to cut for this opening: how many, how long, from what. */
export function CutSection({ ticket }: { readonly ticket: Ticket }) {
  return (
    <section>
      <h3 className="ruled">Cut</h3>
      <table className="mt-1 w-full">
        <thead className="sr-only">
          <tr>
            <th>How many</th>
            <th>Length</th>
            <th>Piece</th>
            <th>From</th>
          </tr>
        </thead>
        <tbody>
          {ticket.pieces.map((piece) => (
            <tr key={`${piece.name} ${piece.length}`} className="border-base-300 border-b">
              <td className="py-1 pr-2 text-right num">{piece.count} ×</td>
              <td className="pr-3 font-bold num text-lg">
                <LengthText value={piece.length} style="inches" />
              </td>
              <td className="leading-tight">{piece.name}</td>
              <td className="text-right text-secondary text-xs">{piece.stock}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
