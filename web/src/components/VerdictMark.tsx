import type { Verdict } from "../api/client";

export type { Verdict };

/** What stands for an opening: its verdict, or that it waits for somebody to say something. */
export type Sign = Verdict | "asking";

export const signOf = (opening: { readonly verdict: Verdict; readonly is_asking: boolean }): Sign =>
  opening.is_asking ? "asking" : opening.verdict;

/** Shape first, then word; color only says it a third time. */
const SHAPES: Record<Sign, { readonly path: string; readonly tone: string }> = {
  carries: { path: "M3 17h14M6 17V7h8v10M6 7h8", tone: "text-success" },
  carries_barely: { path: "M3 17h14M6 17V7M14 17V7M4 6q6 5 12 0", tone: "text-warning" },
  only_the_table: {
    path: "M3 17h14M6 17V7M14 17V7M3 7h14M6 10h8M6 13h8",
    tone: "text-warning",
  },
  does_not_carry: { path: "M3 17h14M6 17V8M14 17V8M4 6l5 5 2-3 5 5", tone: "text-error" },
  ask_an_engineer: { path: "M7 7a3 3 0 1 1 4 3q-1 .6-1 2.4M10 16.4v.2", tone: "text-error" },
  asking: { path: "M3 17h14M6 17V11M14 17V11M5.5 6.5v.2M10 6.5v.2M14.5 6.5v.2", tone: "text-primary" },
};

/** A small lintel on two posts: sound, sagging, ruled like a table, broken; a question where there is no number; dots where something has yet to be said. */
export function VerdictMark({ verdict, size = 20 }: { readonly verdict: Sign; readonly size?: number }) {
  const { path, tone } = SHAPES[verdict];
  return (
    <svg viewBox="0 0 20 20" width={size} height={size} aria-hidden="true" className={`shrink-0 ${tone}`}>
      <path
        d={path}
        fill="none"
        stroke="currentColor"
        strokeWidth="2.2"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}

export const verdictTone = (verdict: Sign) => SHAPES[verdict].tone;
