import { NM_PER_INCH } from "../../lib/length";
import { clamp } from "../../lib/scale";

/** A section is drawn so wide, pixels, with so much beside it. */
export const WIDE = 1000;
export const BESIDE = 60;

/** From nanometers along the joists to pixels, over all that is drawn. */
export function along(places: readonly number[]): (at: number) => number {
  const low = Math.min(...places);
  const high = Math.max(...places);
  const scale = (WIDE - 2 * BESIDE) / Math.max(high - low, 1);
  return (at) => BESIDE + (at - low) * scale;
}

/** And back, to a whole inch off a wall, no nearer than the one and no farther than the other, nanometers. */
export function inchesOff(
  pixels: number,
  scale: number,
  [nearest, farthest]: readonly [nearest: number, farthest: number],
): number {
  return Math.round(clamp(Math.abs(pixels) / scale, nearest, farthest) / NM_PER_INCH);
}
