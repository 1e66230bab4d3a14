import type { Ticket } from "../../../api/client";
import { LengthText } from "../../../components/LengthText";
import { useSpeech } from "../../../speech/useSpeech";

interface Props {
  readonly ticket: Ticket;
  /** Opens where it is said. */
  readonly change: () => void;
}

/** Where the opening stands on the tape and on the pole. */
export function WhereLine({ ticket, change }: Props) {
  const { say } = useSpeech();
  const places = [
    { name: say("page-left-face"), at: ticket.left, style: "feet" },
    { name: say("page-center-2"), at: ticket.center, style: "feet" },
    { name: say("page-right-face"), at: ticket.right, style: "feet" },
    { name: say("page-head"), at: ticket.head, style: "inches" },
  ] as const;
  return (
    <button
      type="button"
      data-answer="where"
      className="tap flex w-full flex-wrap gap-x-4 py-1 text-left hover:bg-base-200"
      onClick={change}
    >
      {places.map(({ name, at, style }) => (
        <span key={name}>
          <span className="block text-secondary text-sm">{name}</span>
          <LengthText value={at} style={style} className="num font-bold text-lg" />
        </span>
      ))}
    </button>
  );
}
