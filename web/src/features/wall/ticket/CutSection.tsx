import type { Ticket } from "../../../api/client";
import { LengthText } from "../../../components/LengthText";
import { useSpeech } from "../../../speech/useSpeech";

/** What to cut for this opening: how many, how long, from what. */
export function CutSection({ ticket }: { readonly ticket: Ticket }) {
  const { say, alsoCalled } = useSpeech();
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
            <tr key={`${piece.name} ${piece.length} ${piece.stock}`} className="border-base-300 border-b">
              <td className="whitespace-nowrap py-1 pr-2 text-right num">{piece.count} ×</td>
              <td className="pr-3 font-bold num text-lg">
                <LengthText value={piece.length} style="inches" />
              </td>
              <td className="leading-tight" title={alsoCalled(piece.name)}>
                {say(piece.name)}
                {piece.bevel_degrees != null && (
                  <span className="block text-secondary text-xs">
                    cut at {piece.bevel_degrees.toFixed(1)}°, long side given
                  </span>
                )}
              </td>
              <td className="text-right text-secondary text-xs">{piece.stock}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
