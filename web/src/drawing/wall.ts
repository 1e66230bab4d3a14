import type { Verdict } from "../components/VerdictMark";
import type { CutFrom } from "../speech/stock";
import type { Phrase } from "../speech/voice";
import type { DrawnRole } from "./members";

// What a drawing needs of a wall, in its own words: whatever is drawn is given in this shape, and nothing here knows where it came
// from. Lengths are nanometers, x from the wall's left end, heights over the subfloor.

/** A wall to draw. */
export interface DrawnWall<Opening extends DrawnOpening = DrawnOpening> {
  readonly length: number;
  readonly height: number;
  /** The line over both plates from left to right: x and height, in turn. */
  readonly top_line: readonly number[];
  readonly members: readonly DrawnMember[];
  readonly openings: readonly Opening[];
  readonly marks: readonly DrawnMark[];
  /** Pipes and bays that studs keep clear of. */
  readonly kept_clear: readonly DrawnClear[];
  /** Anchor bolts in the sole plate. */
  readonly bolts: readonly number[];
  readonly findings: readonly { readonly opening?: string | null; readonly severity: string }[];
}

/** A member, in the box it stands in. */
export interface DrawnMember extends CutFrom, Climbing {
  readonly role: DrawnRole;
  readonly cut: number;
  readonly plies: number;
  readonly opening?: string | null;
}

/** A box whose edges climb from left to right. */
export interface Climbing {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly climb_bottom: number;
  readonly climb_top: number;
}

/** A rough opening. */
export interface DrawnOpening {
  readonly id: string;
  readonly letter: string;
  readonly kind: string;
  readonly left: number;
  readonly center: number;
  readonly right: number;
  readonly head: number;
  readonly rough_width: number;
  readonly rough_height: number;
  readonly verdict: Verdict;
  /** Whether it waits for somebody to say something. */
  readonly is_asking: boolean;
  readonly verdict_words: Phrase;
  /** The heights of its layers, from the subfloor up. */
  readonly stack: readonly { readonly kind: string; readonly from: number; readonly height: number }[];
}

/** A stretch that studs keep clear of. */
export interface DrawnClear {
  readonly name: string;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  /** Whether it goes through the plates. */
  readonly is_pipe: boolean;
}

/** A mark on a plate. */
export interface DrawnMark {
  readonly at: number;
  readonly width: number;
  readonly label: string;
  readonly on: "both" | "sole" | "top";
  readonly opening?: string | null;
}
