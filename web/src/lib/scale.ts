import type { Nanometers } from "./length";
import { NM_PER_FOOT } from "./length";

/** From the wall's plane (nanometers, y up) to the drawing (pixels, y down). The only geometry the page computes. */
export interface Scale {
  readonly pixelsPerFoot: number;
  readonly x: (at: Nanometers) => number;
  readonly y: (height: Nanometers) => number;
  readonly size: (length: Nanometers) => number;
  /** The right edge of the drawing, with its margin. */
  readonly right: number;
  /** A distance on the screen as a length on the wall. */
  readonly length: (pixels: number) => Nanometers;
}

export function makeScale(
  pixelsPerFoot: number,
  wall: { readonly length: Nanometers; readonly height: Nanometers },
  left: number,
  top: number,
): Scale {
  const size = (length: Nanometers) => (length / NM_PER_FOOT) * pixelsPerFoot;
  return {
    pixelsPerFoot,
    x: (at) => left + size(at),
    y: (height) => top + size(wall.height - height),
    size,
    right: 2 * left + size(wall.length),
    length: (pixels) => (pixels / pixelsPerFoot) * NM_PER_FOOT,
  };
}

export function clamp(value: number, least: number, most: number): number {
  return Math.max(least, Math.min(value, most));
}

/** Pushes labels apart so that none is nearer than `gap` to the next, keeping their order and staying within bounds. */
export function spread(positions: readonly number[], gap: number, from: number, to: number): number[] {
  const placed = [...positions];
  for (let i = 0; i < placed.length; i++) {
    const least = i === 0 ? from : (placed[i - 1] as number) + gap;
    placed[i] = Math.max(placed[i] as number, least);
  }
  for (let i = placed.length - 1; i >= 0; i--) {
    const most = i === placed.length - 1 ? to : (placed[i + 1] as number) - gap;
    placed[i] = Math.min(placed[i] as number, most);
  }
  return placed;
}

/** The place to stop at nearest to `at`, if one is within reach. */
export function nearest<T extends { center: Nanometers }>(
  stops: readonly T[],
  at: Nanometers,
  reach: Nanometers,
): T | undefined {
  let best: T | undefined;
  for (const stop of stops) {
    const distance = Math.abs(stop.center - at);
    if (distance <= reach && (best === undefined || distance < Math.abs(best.center - at))) {
      best = stop;
    }
  }
  return best;
}
