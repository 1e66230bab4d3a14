import type { Schemas, WallView } from "../../../api/client";
import { ChoiceRow } from "../../../components/Field";
import { named, useSpeech, type Words } from "../../../speech/useSpeech";

type Evidence = Schemas["Evidence"];

interface Props {
  readonly evidence: Evidence;
  readonly bearing: WallView["bearing"];
  readonly change: (evidence: Evidence) => void;
}

const SEEN = [
  { value: "yes", label: { id: "page-yes" } },
  { value: "no", label: { id: "page-no" } },
  { value: "not_looked", label: { id: "page-not-looked" } },
] as const;

const QUESTIONS: readonly { readonly field: keyof Evidence; readonly label: Words }[] = [
  { field: "joists_land", label: { id: "page-do-joists-end-or-lap-on-it" } },
  { field: "roof_lands", label: { id: "page-do-rafters-trusses-or-a-ridge-post" } },
  { field: "stands_above", label: { id: "page-does-a-wall-post-or-beam-stand" } },
  { field: "support_below", label: { id: "page-does-a-girder-wall-or-footing-run" } },
];

/** Does it bear? What was looked at, and what follows. */
export function EvidenceSection({ evidence, bearing, change }: Props) {
  const { say } = useSpeech();
  return (
    <details className="border-base-300 border-y py-2">
      <summary className="tap flex cursor-pointer flex-wrap items-center gap-x-2">
        <span>{say("page-not-sure-whether-it-bears")} </span>
        <b>{say(named("evidence", bearing.conclusion))}</b>{" "}
        <span className="text-secondary text-sm">{say("page-by-what-was-looked-at")}</span>
      </summary>
      <div className="mt-2 grid gap-3">
        {QUESTIONS.map(({ field, label }) => (
          <ChoiceRow
            key={field}
            label={label}
            value={evidence[field]}
            options={SEEN}
            choose={(seen) => change({ ...evidence, [field]: seen })}
          />
        ))}
        <ul className="list-disc pl-5 text-sm">
          {bearing.reasons.map((reason) => (
            <li key={reason.id}>{say(reason)}</li>
          ))}
        </ul>
      </div>
    </details>
  );
}
