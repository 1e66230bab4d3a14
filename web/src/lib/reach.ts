/** The reach chart's geometry: spans to pixels, and runs of one governing check. */

import type { Nanometers } from "./length";
import { NM_PER_FOOT } from "./length";

export interface ReachPoint {
  readonly clear: Nanometers;
  readonly governs: string;
}

/** A piece of a header's reach along which one check governs. */
export interface Run {
  readonly from: Nanometers;
  readonly to: Nanometers;
  readonly governs: string;
}

/** Runs of one governing check from the narrowest opening to where the header gives out. */
export function runsOf(points: readonly ReachPoint[], farthest: Nanometers): Run[] {
  const runs: Run[] = [];
  for (const point of points) {
    if (point.clear > farthest) break;
    const last = runs.at(-1);
    if (last?.governs === point.governs) {
      runs[runs.length - 1] = { ...last, to: point.clear };
    } else {
      runs.push({ from: last?.to ?? 0, to: point.clear, governs: point.governs });
    }
  }
  const last = runs.at(-1);
  if (last) runs[runs.length - 1] = { ...last, to: farthest };
  return runs;
}

/** Whether a header gives out for want of room in the wall, not of strength. */
export const isForRoom = (givesOut: string) => givesOut === "check-width" || givesOut === "check-depth";

/** Whole feet for the axis: every two from zero to the widest. */
export function feetMarks(widest: Nanometers): number[] {
  const feet = Math.floor(widest / NM_PER_FOOT);
  return Array.from({ length: Math.floor(feet / 2) + 1 }, (_, index) => 2 * index);
}
