import type { Command, Schemas, Ticket } from "../../../api/client";
import { useSpeech } from "../../../speech/useSpeech";

interface CautionProps {
  readonly ticket: Ticket;
  readonly findings: readonly Schemas["FindingView"][];
  readonly tryOut: (command: Command) => void;
}

/** What to look at before cutting, and what this tool is not. */
export function CautionSection({ ticket, findings, tryOut }: CautionProps) {
  const { say } = useSpeech();
  return (
    <section aria-label={say("page-cautions")}>
      <FindingList findings={findings} tryOut={tryOut} />
      <p className="mt-2 text-secondary text-sm leading-snug">
        {say("page-a-planning-aid-local-code-the-approved")}
      </p>
      <p className="mt-2 text-secondary text-sm leading-snug">{say(ticket.snow_caution)}</p>
    </section>
  );
}

const LABELS = { trouble: "page-trouble", caution: "page-look", note: "page-note" } as const;

interface ListProps {
  readonly findings: readonly Schemas["FindingView"][];
  /** Shows what an edit would do, before it is kept. */
  readonly tryOut?: (command: Command) => void;
}

export function FindingList({ findings, tryOut }: ListProps) {
  const { say } = useSpeech();
  return (
    <ul className="mt-1 grid gap-2">
      {findings.map((finding) => (
        <li
          key={`${finding.code} ${finding.opening} ${say(finding.sentence)}`}
          className={`border-l-4 pl-2 leading-snug ${finding.severity === "trouble" ? "border-error" : "border-base-300"}`}
        >
          <span className={`font-bold ${finding.severity === "trouble" ? "text-error" : ""}`}>
            {finding.letter && `${finding.letter}: `}
            {say(LABELS[finding.severity])}.
          </span>{" "}
          {say(finding.sentence)}
          <WaysOut ways={finding.ways_out} tryOut={tryOut} />
        </li>
      ))}
    </ul>
  );
}

interface WaysProps {
  readonly ways: readonly Schemas["WayOutView"][];
  readonly tryOut: ((command: Command) => void) | undefined;
}

/** What can be done: in words, and as buttons where one edit does it. */
function WaysOut({ ways, tryOut }: WaysProps) {
  const { say } = useSpeech();
  if (ways.length === 0) return null;
  const told = ways.filter((way) => !way.does || !tryOut).map((way) => say(way.phrase));
  return (
    <>
      {told.length > 0 && (
        <span className="block text-secondary text-sm">
          {say("page-ways-out", { ways_out: told.join(" ") })}
        </span>
      )}
      {tryOut &&
        ways.map(
          ({ phrase, does }) =>
            does && (
              <button
                key={phrase.id}
                type="button"
                className="btn tap no-print mt-1 block h-auto py-1 text-left font-normal leading-snug"
                onClick={() => tryOut(does)}
              >
                {say(phrase)}
              </button>
            ),
        )}
    </>
  );
}
