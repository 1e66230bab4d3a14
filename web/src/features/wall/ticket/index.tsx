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
import { CautionSection, FindingList } from "./CautionSection";
import { CutSection } from "./CutSection";
import { FramedSection } from "./FramedSection";
import { HeaderChecks } from "./HeaderChecks";
import { HeaderLine } from "./HeaderLine";
import { OptionsSection } from "./OptionsSection";
import { PackLines } from "./PackLines";
import { PackReasons } from "./PackReasons";
import { PlaceSection } from "./PlaceSection";
import { SchoolSection } from "./SchoolSection";
import { StackSection } from "./StackSection";
import { TicketHead } from "./TicketHead";
import { TicketPart } from "./TicketPart";
import type { Parts } from "./useParts";
import { WhereLine } from "./WhereLine";

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
  readonly parts: Parts;
  readonly showWorking: (part: SheetPlace | undefined) => void;
  /** Shows what an edit would do, before it is kept. */
  readonly tryOut: (command: Command) => void;
  readonly remove: (opening: string) => void;
}

/** One opening. First the answer: whether it holds, its header, jacks and kings, what to cut, where it stands. The rest is opened. */
export const OpeningTicket = memo(function OpeningTicket(props: Props) {
  const { say } = useSpeech();
  const { job, version, wall, settings, ticket, design, findings, wallLength, editing, parts } = props;
  const { openLoads, showWorking, tryOut, remove } = props;
  const trouble = findings.filter((finding) => finding.severity === "trouble");
  const others = findings.filter((finding) => finding.severity !== "trouble");
  const framed = ticket.has_numbers && (
    <FramedSection ticket={ticket} legend={props.legend} editing={editing} />
  );
  const showAll = ticket.header ? () => showWorking(undefined) : undefined;
  return (
    <article
      className="grid grid-cols-[minmax(0,1fr)] py-3 pr-4 pl-6"
      aria-label={say("page-ticket-of-opening", { letter: ticket.letter })}
    >
      <TicketHead ticket={ticket} showWorking={showAll} />
      <AskedSection ticket={ticket} wall={wall} settings={settings} editing={editing} openLoads={openLoads} />
      {ticket.changes && framed}
      {trouble.length > 0 && <FindingList findings={trouble} tryOut={tryOut} />}
      {showAll && <HeaderLine ticket={ticket} showWorking={showAll} />}
      <PackLines ticket={ticket} editing={editing} showWorking={showWorking} />
      {ticket.has_numbers && <CutSection ticket={ticket} showHeights={() => parts.show("heights")} />}
      <WhereLine ticket={ticket} change={() => parts.show("place")} />
      {ticket.short_returns && (
        <Link className="btn tap no-print my-1" to={`/jobs/${job}/openings/${ticket.id}/returns`}>
          {say("page-returns")}
        </Link>
      )}
      <p className="py-1 text-secondary text-sm leading-snug">{say("page-a-planning-aid-in-short")}</p>
      {/* Where the ticket follows the wall, the wall's own buttons are a long way up. */}
      <div className="no-print flex flex-wrap gap-2 py-1 lg:hidden">
        <button type="button" className="btn tap" onClick={openLoads}>
          {say("page-what-it-carries")}
        </button>
        <Link className="btn tap" to={`/jobs/${job}/walls/${wall}/papers/cuts`}>
          {say("page-cut-list")}
        </Link>
      </div>
      {ticket.header && (
        <TicketPart name="why" title={say("page-why-these-numbers")} parts={parts}>
          {() => (
            <>
              <div className="no-print flex flex-wrap gap-2">
                <button type="button" className="btn tap" onClick={showAll}>
                  {say("page-show-the-working")}
                </button>
                <Link className="btn tap" to={`/jobs/${job}/openings/${ticket.id}/sheet`}>
                  {say("page-calculation-sheet")}
                </Link>
              </div>
              <HeaderChecks ticket={ticket} editing={editing} showWorking={showWorking}>
                <CapabilityLine job={job} opening={ticket.id} version={version} />
              </HeaderChecks>
              <PackReasons ticket={ticket} />
              <BelowSection ticket={ticket} />
            </>
          )}
        </TicketPart>
      )}
      {ticket.header && (
        <TicketPart name="else" title={say("page-what-else-could-go-in")} parts={parts}>
          {() => (
            <>
              <CandidateSection job={job} version={version} ticket={ticket} editing={editing} />
              <Link className="btn tap no-print" to={`/jobs/${job}/openings/${ticket.id}/reach`}>
                {say("page-how-far-headers-reach")}
              </Link>
            </>
          )}
        </TicketPart>
      )}
      {ticket.schools.length > 0 && (
        <TicketPart name="schools" title={say("page-three-schools")} parts={parts}>
          {() => <SchoolSection ticket={ticket} editing={editing} />}
        </TicketPart>
      )}
      <TicketPart name="heights" title={say("page-heights")} parts={parts}>
        {() => <StackSection ticket={ticket} />}
      </TicketPart>
      {ticket.has_numbers && (
        <TicketPart name="assembly" title={say("page-order-of-assembly")} parts={parts}>
          {() => <AssemblySection ticket={ticket} />}
        </TicketPart>
      )}
      <TicketPart name="place" title={say("page-place-and-size")} parts={parts}>
        {() => <PlaceSection ticket={ticket} design={design} wallLength={wallLength} editing={editing} />}
      </TicketPart>
      <TicketPart name="unusual" title={say("page-out-of-the-usual")} parts={parts}>
        {() => <OptionsSection ticket={ticket} design={design} editing={editing} />}
      </TicketPart>
      <TicketPart
        name="cautions"
        title={say("page-cautions")}
        glance={others.length > 0 ? <b className="num">{others.length}</b> : undefined}
        parts={parts}
      >
        {() => <CautionSection ticket={ticket} findings={others} tryOut={tryOut} />}
      </TicketPart>
      <div className="no-print flex flex-wrap gap-2 border-base-300 border-t pt-3">
        {!ticket.changes && framed}
        <button type="button" className="btn tap" onClick={() => remove(ticket.id)}>
          {say("page-take-this-opening-out")}
        </button>
      </div>
    </article>
  );
});
