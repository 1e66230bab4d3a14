import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas, Ticket } from "../../../api/client";
import { candidatesQuery } from "../../../api/queries";
import type { JobEditing } from "../../../api/useJobEditing";
import { VerdictMark } from "../../../components/VerdictMark";
import { WorkBar } from "../../../components/WorkBar";
import { dollars } from "../../../lib/work";
import { named, useSpeech } from "../../../speech/useSpeech";

interface Props {
  readonly job: string;
  readonly version: number;
  readonly ticket: Ticket;
  readonly editing: JobEditing;
}

/** Everything else that could go in. It is asked for by opening: it is most of what is known about one. */
export function CandidateSection({ job, version, ticket, editing }: Props) {
  const tried = useQuery({
    ...candidatesQuery(job, ticket.id, version),
    enabled: ticket.header != null,
  });
  if (!ticket.header || !tried.data) return null;
  return <CandidateList ticket={ticket} candidates={tried.data} editing={editing} />;
}

interface ListProps {
  readonly ticket: Ticket;
  readonly candidates: readonly Schemas["CandidateView"][];
  readonly editing: JobEditing;
}

const FIRST_SHOWN = 6;

export function CandidateList({ ticket, candidates, editing }: ListProps) {
  const { say } = useSpeech();
  const [all, setAll] = useState(false);
  const shown = all ? candidates : firstUseful(candidates);
  const choose = (spec: Schemas["Header"] | null) =>
    void editing.run({ do: "choose_header", opening: ticket.id, header: spec });
  return (
    <section>
      <h4 className="flex items-center justify-between font-bold text-sm">
        {say("page-what-else-could-go-in")}
        {ticket.header?.chosen && (
          <button type="button" className="btn btn-ghost tap" onClick={() => choose(null)}>
            {say("page-back-to-the-schools")}
          </button>
        )}
      </h4>
      <ul className="divide-y divide-base-300" aria-label={say("page-header-candidates")}>
        {shown.map((candidate) => (
          <CandidateRow key={candidate.name + candidate.material} candidate={candidate} choose={choose} />
        ))}
      </ul>
      {candidates.length > shown.length || all ? (
        <button type="button" className="btn btn-ghost tap w-full font-normal" onClick={() => setAll(!all)}>
          {all
            ? say("page-fewer")
            : say("page-all-in-stock-with-what-fails-each", { candidates: candidates.length })}
        </button>
      ) : null}
    </section>
  );
}

/** The one in place, what carries, and the nearest that does not: enough to decide by. */
function firstUseful(candidates: readonly Schemas["CandidateView"][]) {
  const carrying = candidates
    .filter((candidate) => candidate.failures.length === 0)
    .slice(0, FIRST_SHOWN - 2);
  const failing = candidates.filter((candidate) => candidate.failures.length > 0).slice(-2);
  const wanted = new Set([...carrying, ...failing, ...candidates.filter((candidate) => candidate.in_place)]);
  return candidates.filter((candidate) => wanted.has(candidate));
}

interface RowProps {
  readonly candidate: Schemas["CandidateView"];
  readonly choose: (spec: Schemas["Header"]) => void;
}

function CandidateRow({ candidate, choose }: RowProps) {
  const { say, weight } = useSpeech();
  const { in_place, best_at, failures } = candidate;
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
            <span key={best} className="mr-1 ml-0.5 inline-block border border-current px-1 text-xs">
              {say(named("aim", best))}
            </span>
          ))}
        </span>
        <span className="text-right num text-secondary text-xs">
          {weight(candidate.weight_lb)} ·{" "}
          {candidate.price_cents == null ? say("page-no-price") : dollars(candidate.price_cents)}
        </span>
        <span className="col-span-2 col-start-2">
          <WorkBar
            ratio={candidate.ratio}
            label={
              candidate.hardest
                ? say("page-works-hardest", { hardest: { phrase: named("check", candidate.hardest) } })
                : ""
            }
          />
          {failures.length > 0 && (
            <span className="block text-error text-xs">
              {failures.map((failure) => say(failure)).join("; ")}
            </span>
          )}
        </span>
      </button>
    </li>
  );
}
