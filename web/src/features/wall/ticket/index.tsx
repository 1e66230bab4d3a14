import { memo } from "react";
import { Link } from "react-router";
import type { Command, Design, Schemas, Ticket, WallView } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { useSpeech } from "../../../speech/useSpeech";
import { AskedSection } from "../asked/AskedSection";
import type { SheetPlace } from "../working/WorkingSheet";
import { AssemblySection } from "./AssemblySection";
import { BelowSection } from "./BelowSection";
import { CandidateSection } from "./CandidateSection";
import { CapabilityLine } from "./CapabilityLine";
import { CautionSection } from "./CautionSection";
import { CutSection } from "./CutSection";
import { FramedSection } from "./FramedSection";
import { HeaderSection } from "./HeaderSection";
import { OptionsSection } from "./OptionsSection";
import { PackSection } from "./PackSection";
import { PlaceSection } from "./PlaceSection";
import { SchoolSection } from "./SchoolSection";
import { StackSection } from "./StackSection";
import { TicketHead } from "./TicketHead";

interface Props {
  readonly job: string;
  readonly version: number;
  readonly wall: string;
  readonly settings: Schemas["AnsweredSettings"];
  readonly legend: WallView["legend"];
  readonly openLoads: () => void;
  readonly ticket: Ticket;
  readonly design: Design;
  readonly findings: readonly Schemas["FindingView"][];
  readonly wallLength: number;
  readonly editing: JobEditing;
  readonly showWorking: (part: SheetPlace | undefined) => void;
  /** Shows what an edit would do, before it is kept. */
  readonly tryOut: (command: Command) => void;
  readonly remove: (opening: string) => void;
}

/** Everything about one opening: whether it holds, what to cut, and why. It stays as it is while the pointer moves. */
export const OpeningTicket = memo(function OpeningTicket(props: Props) {
  const { say } = useSpeech();
  const { job, version, wall, settings, legend, ticket, design, findings, wallLength, editing } = props;
  const { openLoads, showWorking, tryOut, remove } = props;
  return (
    <article
      className="grid grid-cols-[minmax(0,1fr)] gap-5 py-4 pr-4 pl-6"
      aria-label={say("page-ticket-of-opening", { letter: ticket.letter })}
    >
      <TicketHead ticket={ticket} />
      <AskedSection ticket={ticket} wall={wall} settings={settings} editing={editing} openLoads={openLoads} />
      {ticket.header && (
        <div className="no-print flex flex-wrap gap-2">
          <button type="button" className="btn tap" onClick={() => showWorking(undefined)}>
            {say("page-show-the-working")}
          </button>
          <Link className="btn tap" to={`/jobs/${job}/openings/${ticket.id}/sheet`}>
            {say("page-calculation-sheet")}
          </Link>
          <Link className="btn tap" to={`/jobs/${job}/openings/${ticket.id}/reach`}>
            {say("page-how-far-headers-reach")}
          </Link>
        </div>
      )}
      <HeaderSection ticket={ticket} editing={editing} showWorking={showWorking}>
        {ticket.header && <CapabilityLine job={job} opening={ticket.id} version={version} />}
      </HeaderSection>
      <CandidateSection job={job} version={version} ticket={ticket} editing={editing} />
      <SchoolSection ticket={ticket} editing={editing} />
      <PackSection ticket={ticket} editing={editing} showWorking={showWorking} />
      <BelowSection ticket={ticket} />
      {ticket.has_numbers && (
        <>
          <CutSection ticket={ticket} />
          <AssemblySection ticket={ticket} />
        </>
      )}
      <StackSection ticket={ticket} />
      <PlaceSection ticket={ticket} design={design} wallLength={wallLength} editing={editing} />
      <OptionsSection ticket={ticket} design={design} editing={editing} />
      <CautionSection ticket={ticket} findings={findings} tryOut={tryOut} />
      {ticket.has_numbers && <FramedSection ticket={ticket} legend={legend} editing={editing} />}
      <button type="button" className="btn tap no-print" onClick={() => remove(ticket.id)}>
        {say("page-take-this-opening-out")}
      </button>
    </article>
  );
});
