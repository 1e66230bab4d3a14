import type { Ticket } from "../../../api/client";
import { LengthText } from "../../../components/LengthText";
import { signOf, VerdictMark, verdictTone } from "../../../components/VerdictMark";
import { named, useSpeech } from "../../../speech/useSpeech";

interface Props {
  readonly ticket: Ticket;
  /** Opens the working, where there is one. */
  readonly showWorking?: () => void;
}

/** The ticket's head: which opening, how big, and whether it holds. */
export function TicketHead({ ticket, showWorking }: Props) {
  const { say } = useSpeech();
  const sign = signOf(ticket);
  return (
    <header>
      <div className="flex flex-wrap items-center gap-3">
        <span className="flex size-11 shrink-0 items-center justify-center rounded-full border-2 border-base-content font-bold text-xl">
          {ticket.letter}
        </span>
        <div className="min-w-0 flex-[1_1_4rem]">
          <h2 className="font-bold text-lg leading-tight first-letter:uppercase">
            {say(named("kind-of-opening", ticket.kind))}
          </h2>
          <p className="text-secondary text-sm">{say("page-rough-opening")}</p>
        </div>
        <p className="ml-auto flex items-center gap-1.5 num text-xl">
          <LengthText value={ticket.rough_width} style="inches" />
          <span className="text-base text-secondary">×</span>
          <LengthText value={ticket.rough_height} style="inches" />
        </p>
      </div>
      <div className="mt-2 border-base-content border-y-2 py-1" data-testid="verdict" data-answer="verdict">
        <p className={`flex items-center gap-2 font-bold text-xl ${verdictTone(sign)}`}>
          <VerdictMark verdict={sign} size={26} />
          {say(ticket.verdict_words)}
        </p>
        {showWorking ? (
          <button
            type="button"
            className="tap w-full text-left leading-snug hover:bg-base-200"
            onClick={showWorking}
          >
            {say(ticket.sentence)}
          </button>
        ) : (
          <p className="leading-snug">{say(ticket.sentence)}</p>
        )}
      </div>
    </header>
  );
}
