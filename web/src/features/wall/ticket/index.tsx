import type { Design, Schemas, Ticket } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { CautionSection } from "./CautionSection";
import { CutSection } from "./CutSection";
import { HeaderSection } from "./HeaderSection";
import { PackSection } from "./PackSection";
import { PlaceSection } from "./PlaceSection";
import { StackSection } from "./StackSection";
import { TicketHead } from "./TicketHead";

interface Props {
  readonly ticket: Ticket;
  readonly design: Design;
  readonly findings: readonly Schemas["FindingView"][];
  readonly wallLength: number;
  readonly editing: JobEditing;
  readonly showWorking: (part: string) => void;
  readonly remove: () => void;
}

/** Everything about one opening: whether it holds, what to cut, and why. */
export function OpeningTicket({ ticket, design, findings, wallLength, editing, showWorking, remove }: Props) {
  return (
    <article className="grid gap-5 py-4 pr-4 pl-6" aria-label={`Ticket of opening ${ticket.letter}`}>
      <TicketHead ticket={ticket} />
      {ticket.header && (
        <button type="button" className="btn tap no-print" onClick={() => showWorking("")}>
          Show the working
        </button>
      )}
      <HeaderSection ticket={ticket} editing={editing} showWorking={showWorking} />
      <PackSection ticket={ticket} editing={editing} showWorking={showWorking} />
      <CutSection ticket={ticket} />
      <StackSection ticket={ticket} />
      <PlaceSection ticket={ticket} design={design} wallLength={wallLength} editing={editing} />
      <CautionSection findings={findings} />
      <button type="button" className="btn tap no-print" onClick={remove}>
        Take this opening out
      </button>
    </article>
  );
}
