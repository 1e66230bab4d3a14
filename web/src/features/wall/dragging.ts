import type { OpeningView } from "../../api/client";

// An opening under a pointer, as three states: nothing is held; it is pressed, which may yet be a click; it follows the pointer.

interface Idle {
  readonly is: "idle";
}

interface Held {
  readonly opening: OpeningView;
  /** Where the pointer took it, pixels. */
  readonly from: number;
}

interface Pressing extends Held {
  readonly is: "pressing";
}

interface Dragging extends Held {
  readonly is: "dragging";
}

export type Hold = Idle | Pressing | Dragging;

export const IDLE: Idle = { is: "idle" };

/** A hand that shakes less than this, in pixels, means a click. */
const SHAKES = 4;

/** An opening is pressed. */
export function press(opening: OpeningView, at: number): Pressing {
  return { is: "pressing", opening, from: at };
}

/** The pointer is elsewhere now. */
export function pointTo(hold: Hold, at: number): Hold {
  if (hold.is !== "pressing" || Math.abs(at - hold.from) < SHAKES) return hold;
  return { ...hold, is: "dragging" };
}
