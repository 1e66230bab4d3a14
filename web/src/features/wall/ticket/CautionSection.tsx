import type { Schemas, Ticket } from "../../../api/client";
import { useSpeech } from "../../../speech/useSpeech";

interface CautionProps {
  readonly ticket: Ticket;
  readonly findings: readonly Schemas["FindingView"][];
}

/** What to look at before cutting, and what this tool is not. */
export function CautionSection({ ticket, findings }: CautionProps) {
  const { say } = useSpeech();
  return (
    <section>
      <h3 className="ruled">Cautions</h3>
      <FindingList findings={findings} />
      <p className="mt-2 text-secondary text-sm leading-snug">
        A planning aid. Local code, the approved drawings and a licensed engineer or the building official
        decide. Design values and tables are from memory of the standards: confirm them in the adopted code.
        No notches or holes, no seismic or wind bracing.
      </p>
      <p className="mt-2 text-secondary text-sm leading-snug">{say(ticket.snow_caution)}</p>
    </section>
  );
}

const LABELS = { trouble: "Trouble", caution: "Look", note: "Note" } as const;

interface ListProps {
  readonly findings: readonly Schemas["FindingView"][];
  /** How a finding that only asks for a confirmation is confirmed; nothing for others. */
  readonly confirm?: (code: string) => (() => void) | undefined;
}

export function FindingList({ findings, confirm }: ListProps) {
  const { say } = useSpeech();
  return (
    <ul className="mt-1 grid gap-2">
      {findings.map((finding) => (
        <li
          key={`${finding.code} ${finding.opening} ${finding.sentence}`}
          className={`border-l-4 pl-2 leading-snug ${finding.severity === "trouble" ? "border-error" : "border-base-300"}`}
        >
          <span className={`font-bold ${finding.severity === "trouble" ? "text-error" : ""}`}>
            {finding.letter && `${finding.letter}: `}
            {finding.letter ? LABELS[finding.severity].toLowerCase() : LABELS[finding.severity]}.
          </span>{" "}
          {say(finding.sentence)}
          {finding.ways_out.length > 0 && (
            <span className="block text-secondary text-sm">Ways out: {say(finding.ways_out.join(" "))}</span>
          )}
          <Confirm press={confirm?.(finding.code)} />
        </li>
      ))}
    </ul>
  );
}

function Confirm({ press }: { readonly press: (() => void) | undefined }) {
  if (!press) return null;
  return (
    <button type="button" className="btn tap no-print mt-1 block font-normal" onClick={press}>
      It is so
    </button>
  );
}
