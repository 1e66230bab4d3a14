import type { Phrase } from "../speech/voice";

// What lands on a wall, as it is drawn over its top plate.

/** Along a stretch of it. */
export interface LandingBand {
  readonly shape: "roof" | "floor" | "wall" | "gable";
  readonly name: Phrase;
  readonly from: number;
  readonly to: number;
}

/** At a point. */
export interface LandingPoint {
  readonly at: number;
  /** The user's own word, or what brings it. */
  readonly name: string | Phrase;
  /** All of its kinds together, lb. */
  readonly pounds: number;
  /** How high the blocks are that it stands on, over the plates. */
  readonly on: number;
}

export interface Landing {
  readonly bands: readonly LandingBand[];
  readonly points: readonly LandingPoint[];
}

/** How high the wall is at a place, from the line over its plates: x and height, in turn. */
export function topAt(topLine: readonly number[], at: number): number {
  for (let index = 0; index + 3 < topLine.length; index += 2) {
    const [x1, y1, x2, y2] = topLine.slice(index, index + 4) as [number, number, number, number];
    if (at <= x2 && x1 < x2) return y1 + ((y2 - y1) * Math.max(at - x1, 0)) / (x2 - x1);
  }
  return topLine.at(-1) ?? 0;
}
