import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas, Ticket } from "../../../api/client";
import { candidatesQuery, reachQuery } from "../../../api/queries";
import type { JobEditing } from "../../../api/useJobEditing";
import { VerdictMark } from "../../../components/VerdictMark";
import { WorkBar } from "../../../components/WorkBar";
import { isForRoom } from "../../../lib/reach";
import { dollars } from "../../../lib/work";
import { named, useSpeech } from "../../../speech/useSpeech";
import { ReachBar } from "./ReachBar";

interface Props {
  readonly job: string;
  readonly version: number;
  readonly ticket: Ticket;
  readonly editing: JobEditing;
}

type Reach = Pick<Schemas["ReachView"], "clear" | "headers">;
type Candidate = Schemas["CandidateView"];

/** Everything else that could go in. It is asked for by opening: it is most of what is known about one. */
export function CandidateSection({ job, version, ticket, editing }: Props) {
  const { say } = useSpeech();
  const tried = useQuery(candidatesQuery(job, ticket.id, version));
  const reach = useQuery(reachQuery(job, ticket.id, version, 100, 100));
  if (!tried.data) return <p className="text-secondary">{say("page-trying-the-stock")}</p>;
  return <CandidateList ticket={ticket} candidates={tried.data} reach={reach.data} editing={editing} />;
}

interface ListProps {
  readonly ticket: Ticket;
  readonly candidates: readonly Candidate[];
  /** How far each reaches; it comes later. */
  readonly reach: Reach | undefined;
  readonly editing: JobEditing;
}

/** What carries, each as far as it reaches over this opening; what does not is folded away. */
export function CandidateList({ ticket, candidates, reach, editing }: ListProps) {
  const { say } = useSpeech();
  const [all, setAll] = useState(false);
  const carrying = candidates.filter((candidate) => candidate.failures.length === 0 || candidate.in_place);
  const failing = candidates.filter((candidate) => !carrying.includes(candidate));
  const choose = (spec: Schemas["Header"] | null) =>
    void editing.run({ do: "choose_header", opening: ticket.id, header: spec });
  const row = (candidate: Candidate) => (
    <CandidateRow
      key={candidate.name + candidate.material}
      candidate={candidate}
      reach={reach}
      choose={choose}
    />
  );
  return (
    <div>
      {ticket.header?.chosen && (
        <button type="button" className="btn tap mb-1 font-normal" onClick={() => choose(null)}>
          {say("page-back-to-the-schools")}
        </button>
      )}
      <ul className="divide-y divide-base-300" aria-label={say("page-header-candidates")}>
        {carrying.map(row)}
        {all && failing.map(row)}
      </ul>
      {failing.length > 0 && (
        <button
          type="button"
          className="btn btn-ghost tap w-full font-normal"
          aria-expanded={all}
          onClick={() => setAll(!all)}
        >
          {all ? say("page-fewer") : say("page-that-do-not-carry-and-why", { candidates: failing.length })}
        </button>
      )}
    </div>
  );
}

interface RowProps {
  readonly candidate: Candidate;
  readonly reach: Reach | undefined;
  readonly choose: (spec: Schemas["Header"]) => void;
}

function CandidateRow({ candidate, reach, choose }: RowProps) {
  const { say, weight, length } = useSpeech();
  const { in_place, best_at, failures, name, material } = candidate;
  const far = reach?.headers.find((header) => header.name === name && header.material === material);
  return (
    <li>
      <button
        type="button"
        aria-pressed={in_place}
        data-candidate={`${candidate.name} ${candidate.material}`}
        className={`tap grid w-full grid-cols-[1.4rem_1fr_auto] items-center gap-x-2 px-1 py-1 text-left hover:bg-base-200 ${in_place ? "bg-base-200 shadow-[inset_3px_0_0_var(--chalk)]" : ""}`}
        onClick={() => choose(candidate.spec)}
      >
        <VerdictMark verdict={candidate.verdict} />
        <span>
          <span className="font-bold num">{candidate.name}</span>{" "}
          <span className="text-secondary text-sm">{candidate.material}</span>
          {best_at.map((best) => (
            <span key={best} className="mr-1 ml-0.5 inline-block border border-current px-1 text-sm">
              {say(named("aim", best))}
            </span>
          ))}
        </span>
        <span className="text-right num text-secondary text-sm">
          {weight(candidate.weight_lb)} ·{" "}
          {candidate.price_cents == null ? say("page-no-price") : dollars(candidate.price_cents)}
        </span>
        <span className="col-span-2 col-start-2">
          {reach && far && (
            <span className="flex items-center gap-2">
              <ReachBar farthest={far.farthest} clear={reach.clear} label={say("page-how-far-it-reaches")} />
              <span className="ml-auto whitespace-nowrap num text-sm">
                {far.farthest != null && length(far.farthest)}
                {far.farthest == null && isForRoom(far.gives_out.id) && say("page-no-room")}
              </span>
            </span>
          )}
          <WorkBar
            ratio={candidate.ratio}
            label={
              candidate.hardest
                ? say("page-works-hardest", { hardest: { phrase: named("check", candidate.hardest) } })
                : ""
            }
          />
          {failures.length > 0 && (
            <span className="block text-error text-sm">
              {failures.map((failure) => say(failure)).join("; ")}
            </span>
          )}
        </span>
      </button>
    </li>
  );
}
