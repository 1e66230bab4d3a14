import type { Ticket } from "../../../api/client";
import { LengthText } from "../../../components/LengthText";
import { stockText } from "../../../speech/stock";
import { named, useSpeech } from "../../../speech/useSpeech";

/** What to cut for this opening: how many, how long, from what. */
export function CutSection({ ticket }: { readonly ticket: Ticket }) {
  const { say, alsoCalled } = useSpeech();
  return (
    <section>
      <h3 className="ruled">{say("page-cut")}</h3>
      <table className="mt-1 w-full">
        <thead className="sr-only">
          <tr>
            <th>{say("page-how-many")}</th>
            <th>{say("page-length")}</th>
            <th>{say("page-piece")}</th>
            <th>{say("page-from-2")}</th>
          </tr>
        </thead>
        <tbody>
          {ticket.pieces.map((piece) => (
            <tr key={`${piece.role} ${piece.length} ${piece.stock}`} className="border-base-300 border-b">
              <td className="whitespace-nowrap py-1 pr-2 text-right num">{piece.count} ×</td>
              <td className="pr-3 font-bold num text-lg">
                <LengthText value={piece.length} style="inches" />
              </td>
              <td className="leading-tight" title={alsoCalled(piece.role)}>
                {say(named("role", piece.role))}
                {piece.bevel_degrees != null && (
                  <span className="block text-secondary text-xs">
                    {say("page-cut-at-long-side-given", { bevel_degrees: piece.bevel_degrees.toFixed(1) })}
                  </span>
                )}
              </td>
              <td className="text-right text-secondary text-xs">{stockText(say, piece)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
