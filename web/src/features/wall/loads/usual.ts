import type { Schemas } from "../../../api/client";
import { NM_PER_FOOT, NM_PER_INCH } from "../../../lib/length";
import type { Phrase } from "../../../speech/voice";

export type CarriedKind = Schemas["CarriedFraming"]["kind"];

/** What fresh framing starts with, to be typed over. */
export function usualFraming(kind: CarriedKind): Schemas["CarriedFraming"] {
  switch (kind) {
    case "roof":
      return {
        kind,
        framing: "trusses",
        building_width: 24 * NM_PER_FOOT,
        overhang: 2 * NM_PER_FOOT,
        rise_in_twelve: 6,
        bay: 24 * NM_PER_INCH,
        roof_dead: 10,
        ceiling_dead: 5,
        dead_on: "level",
        warmth: "cold_and_vented",
        attic_live: 10,
        snow_trouble: "none",
      };
    case "floor":
      return {
        kind,
        use: "living",
        framing: "simple",
        span_one_side: 12 * NM_PER_FOOT,
        span_other_side: 0,
        bay: 16 * NM_PER_INCH,
        dead: 12,
        live: 40,
        roofed: false,
        tail: "not_said",
        no_wall_above: false,
      };
    case "wall_above":
      return {
        kind,
        height: 8 * NM_PER_FOOT,
        dead: 12,
        openings_above: { are: "not_said" },
        brick: false,
      };
    case "gable":
      return { kind, rise_in_twelve: 6, dead: 12 };
    case "ridge_post":
      return {
        kind,
        at: 6 * NM_PER_FOOT,
        building_width: 24 * NM_PER_FOOT,
        rise_in_twelve: 6,
        span_one_side: 12 * NM_PER_FOOT,
        span_other_side: 0,
        roof_dead: 10,
        runs_over: false,
        beam_weight: 10,
      };
  }
}

export const KIND_NAMES: Record<CarriedKind, Phrase> = {
  roof: { id: "page-roof" },
  floor: { id: "page-floor-or-deck" },
  wall_above: { id: "page-wall-above" },
  gable: { id: "page-gable-above" },
  ridge_post: { id: "page-post-under-a-ridge-beam" },
};
