import type { Schemas, WallView } from "../../../api/client";
import { ChoiceRow } from "../../../components/Field";

type Evidence = Schemas["Evidence"];

interface Props {
  readonly evidence: Evidence;
  readonly bearing: WallView["bearing"];
  readonly change: (evidence: Evidence) => void;
}

const SEEN = [
  { value: "yes", label: "Yes" },
  { value: "no", label: "No" },
  { value: "not_looked", label: "Not looked" },
] as const;

const QUESTIONS: readonly { readonly field: keyof Evidence; readonly label: string }[] = [
  { field: "joists_land", label: "Do joists end or lap on it?" },
  { field: "roof_lands", label: "Do rafters, trusses or a ridge post land on it?" },
  { field: "stands_above", label: "Does a wall, post or beam stand on it?" },
  { field: "support_below", label: "Does a girder, wall or footing run below it?" },
];

/** Does it bear? What was looked at, and what follows. */
export function EvidenceSection({ evidence, bearing, change }: Props) {
  return (
    <details className="border-base-300 border-y py-2">
      <summary className="tap flex cursor-pointer flex-wrap items-center gap-x-2">
        <span>Not sure whether it bears? </span>
        <b>{bearing.words}</b> <span className="text-secondary text-sm">by what was looked at</span>
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
            <li key={reason}>{reason}</li>
          ))}
        </ul>
      </div>
    </details>
  );
}
