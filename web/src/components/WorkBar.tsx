import { isOver } from "../lib/work";
import { percentText } from "../speech/figures";

interface Props {
  /** Nothing where nothing is carried at all. */
  readonly ratio: number | null | undefined;
  readonly label: string;
}

/** How hard something works: a bar to a line at 100 %, hatched beyond it. */
export function WorkBar({ ratio, label }: Props) {
  const over = isOver(ratio);
  const width = Math.min(ratio ?? Number.POSITIVE_INFINITY, 1.25) / 1.25;
  return (
    <span className="flex items-center gap-2" title={label}>
      <span className="relative h-3 flex-1 border-base-content/40 border-b bg-base-200" aria-hidden="true">
        <span
          className={`absolute inset-y-0 left-0 ${over ? "work-over" : "bg-[var(--wood-deep)]"}`}
          style={{ width: `${width * 100}%` }}
        />
        <span className="absolute inset-y-[-3px] border-base-content border-l-2" style={{ left: "80%" }} />
      </span>
      <span className={`w-14 text-right num text-sm ${over ? "font-bold text-error" : ""}`}>
        {percentText(ratio)}
      </span>
    </span>
  );
}
