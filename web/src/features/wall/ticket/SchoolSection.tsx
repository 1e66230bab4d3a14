import type { Schemas, Ticket } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { named, useSpeech } from "../../../speech/useSpeech";

interface Props {
  readonly ticket: Ticket;
  readonly editing: JobEditing;
}

/** The three schools side by side, and which of them governs. */
export function SchoolSection({ ticket, editing }: Props) {
  const { say } = useSpeech();
  if (ticket.schools.length === 0) return null;
  const choose = (header: Schemas["Header"]) =>
    void editing.run({ do: "choose_header", opening: ticket.id, header });
  return (
    <section aria-label={say("page-three-schools")}>
      <ul className="mt-1 grid gap-2">
        {ticket.schools.map((school) => (
          <li
            key={school.school}
            className={`border-l-4 pl-3 ${school.governs ? "border-[var(--chalk)]" : "border-base-300"}`}
          >
            <p className="flex items-baseline gap-2">
              <span className={school.governs ? "font-bold" : ""}>
                {say("page-by-2", { name: { phrase: named("school", school.school) } })}
              </span>
              {school.governs && (
                <span className="border border-current px-1 text-xs">{say("page-governs")}</span>
              )}
              <span className="ml-auto text-right font-bold num">
                {school.header ?? say("page-no-answer")}
              </span>
            </p>
            <p className="text-secondary text-sm">
              {say(school.words)}
              {school.jacks != null &&
                ` ${say("page-at-each-end", { jacks: say("count-of-jacks", { count: school.jacks }) })}`}
              {school.carries_by_calculation === false && (
                <b className="text-error"> {say("page-by-calculation-it-does-not-carry")}</b>
              )}
            </p>
            {school.spec && !school.governs && (
              <button
                type="button"
                className="btn btn-ghost tap no-print -ml-3 font-normal underline decoration-dotted underline-offset-2"
                onClick={() => school.spec && choose(school.spec)}
              >
                {say("page-take-this-header")}
              </button>
            )}
          </li>
        ))}
      </ul>
      <p className="mt-2 text-secondary text-sm">{say(ticket.margin)}</p>
    </section>
  );
}
