import type { Ticket } from "../../../api/client";
import { Bevel } from "../../../components/Bevel";
import { LengthText } from "../../../components/LengthText";
import { stockText } from "../../../speech/stock";
import { named, useSpeech } from "../../../speech/useSpeech";

interface Props {
  readonly ticket: Ticket;
  /** Opens the heights that the lengths add up from. */
  readonly showHeights: () => void;
}

/** What to cut for this opening: how many, how long, from what. A length opens the heights it comes from. */
export function CutSection({ ticket, showHeights }: Props) {
  const { say, alsoCalled } = useSpeech();
  return (
    <section aria-label={say("page-cut")} data-answer="cut">
      <table className="w-full">
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
            <tr
              key={`${piece.role} ${piece.length} ${piece.stock}`}
              className="cursor-pointer border-base-300 border-b hover:bg-base-200"
              onClick={showHeights}
            >
              <td className="whitespace-nowrap py-0.5 pr-2 text-right num">{piece.count} ×</td>
              <td className="pr-3 font-bold num text-lg">
                <LengthText value={piece.length} style="inches" />
              </td>
              <td className="leading-tight" title={alsoCalled(piece.role)}>
                {say(named("role", piece.role))}
                <Bevel degrees={piece.bevel_degrees} className="block text-secondary text-sm" />
              </td>
              <td className="text-right text-secondary text-sm leading-tight">{stockText(say, piece)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
