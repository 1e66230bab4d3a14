import type { Schemas } from "../../api/client";
import { NM_PER_INCH } from "../../lib/length";
import { clamp } from "../../lib/scale";

/** A section is drawn so wide, pixels, with so much beside it. */
export const WIDE = 1000;
export const BESIDE = 60;

/** Every place that is drawn of a wall that is opened, on all its storeys, nanometers along the joists. */
export function allPlaces({
  storeys,
  temporary,
}: Pick<Schemas["ShoreView"], "storeys" | "temporary">): number[] {
  const fields = storeys.flatMap(({ fields }) => fields);
  const pieces = fields.flatMap(({ pieces }) => pieces.flatMap(({ from, to }) => [from, to]));
  return [...pieces, ...fields.flatMap(({ supports }) => supports.map(({ at }) => at)), ...temporary];
}

/** The one of some places that is nearest to another. */
export function nearestTo(at: number, places: readonly number[]): number {
  const off = (place: number) => Math.abs(place - at);
  return places.reduce((best, place) => (off(place) < off(best) ? place : best), places[0] ?? at);
}

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
