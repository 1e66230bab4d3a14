/** How much of the wall is drawn: all of it, as much as can be read, or its details. */
export type Zoom = "whole" | "read" | "close";

/** The room there is for the wall itself, px, and how long and high the wall is, ft. */
export interface Room {
  readonly width: number;
  /** Without bound where the page scrolls. */
  readonly height: number;
  readonly feetLong: number;
  readonly feetHigh: number;
}

/** At this many pixels a foot the figures of plates and openings can be read from where a tablet stands. */
const READABLE = 40;
/** A wall is drawn at least this high, px, before it has to fit its place in full. */
const HIGH_ENOUGH = 322;
/** A foot is never drawn smaller, px. */
const SMALLEST = 9;
const CLOSER = 1.75;

/** Pixels a foot. */
export function pixelsPerFoot(zoom: Zoom, { width, height, feetLong, feetHigh }: Room): number {
  const fitsLong = width / feetLong;
  const fitsHigh = height / feetHigh;
  const read = Math.max(
    Math.min(Math.max(fitsLong, READABLE, HIGH_ENOUGH / feetHigh), fitsHigh),
    Math.min(READABLE, HIGH_ENOUGH / feetHigh),
  );
  switch (zoom) {
    case "whole":
      return Math.max(Math.min(fitsLong, fitsHigh), SMALLEST);
    case "read":
      return read;
    case "close":
      return read * CLOSER;
  }
}

/** The ways of looking that differ: where all of the wall can be read, there is nothing between. */
export function zooms(room: Room): readonly Zoom[] {
  const whole = pixelsPerFoot("whole", room);
  return whole > 0.97 * pixelsPerFoot("read", room) ? ["read", "close"] : ["whole", "read", "close"];
}
