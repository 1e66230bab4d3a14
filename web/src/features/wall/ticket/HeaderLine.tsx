import type { Ticket } from "../../../api/client";
import { LengthText } from "../../../components/LengthText";
import { useSpeech } from "../../../speech/useSpeech";

interface Props {
  readonly ticket: Ticket;
  readonly showWorking: () => void;
}

/** The header and what it is cut to; it opens the working. */
export function HeaderLine({ ticket, showWorking }: Props) {
  const { say } = useSpeech();
  const { header } = ticket;
  if (!header) return null;
  return (
    <button
      type="button"
      data-answer="header"
      className="tap flex w-full items-center gap-3 border-base-300 border-b text-left hover:bg-base-200"
      onClick={showWorking}
    >
      <span className="w-16 shrink-0 text-secondary text-sm">{say("page-header")}</span>
      <span className="min-w-0 flex-1 font-bold leading-tight">
        {header.name}
        {header.way_up && <span className="ml-2 border border-current px-1">{say(header.way_up)}</span>}
      </span>
      <span className="whitespace-nowrap">
        {say("page-cut-2")}{" "}
        <LengthText value={header.length} style="inches" className="num font-bold text-xl" />
      </span>
    </button>
  );
}
