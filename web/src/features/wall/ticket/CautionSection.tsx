import type { Schemas } from "../../../api/client";
import { useSpeech } from "../../../speech/useSpeech";

/** What to look at before cutting, and what this tool is not. */
export function CautionSection({ findings }: { readonly findings: readonly Schemas["FindingView"][] }) {
  return (
    <section>
      <h3 className="ruled">Cautions</h3>
      <FindingList findings={findings} />
      <p className="mt-2 text-secondary text-sm leading-snug">
        A planning aid. Local code, the approved drawings and a licensed engineer or the building official
        decide. Design values and tables are from memory of the standards: confirm them in the adopted code.
        Dry lumber, no notches or holes, no seismic or wind bracing, no drift or unbalanced snow.
      </p>
    </section>
  );
}

const LABELS = { trouble: "Trouble", caution: "Look", note: "Note" } as const;

export function FindingList({ findings }: { readonly findings: readonly Schemas["FindingView"][] }) {
  const { say } = useSpeech();
  return (
    <ul className="mt-1 grid gap-2">
      {findings.map((finding) => (
        <li
          key={`${finding.opening} ${finding.sentence}`}
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
        </li>
      ))}
    </ul>
  );
}
