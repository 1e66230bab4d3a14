import type { Schemas } from "../../../api/client";
import type { Choice, FormField } from "../../../components/Form";
import type { CarriedKind } from "./usual";

// What is asked of everything that lands on a wall: one list for each kind, in the order it is asked.

export type Framing<K extends CarriedKind> = Extract<Schemas["AnsweredCarriedFraming"], { kind: K }>;
/** The same as it is sent: lengths as they were typed. */
export type SentFraming<K extends CarriedKind> = Extract<Schemas["CarriedFraming"], { kind: K }>;

const ROOF_FRAMINGS = [
  { value: "trusses", label: { id: "page-trusses-wall-to-wall" } },
  { value: "rafters_with_clear_ceiling_joists", label: { id: "page-rafters-ceiling-joists-wall-to-wall" } },
  {
    value: "rafters_with_lapped_ceiling_joists",
    label: { id: "page-rafters-ceiling-joists-lap-on-a-middle" },
  },
  {
    value: "middle_wall_under_lapped_ceiling_joists",
    label: { id: "page-this-is-the-middle-wall-they-lap" },
  },
  { value: "rafters_on_ridge_beam", label: { id: "page-rafters-on-a-ridge-beam" } },
  { value: "rafters_from_ledger", label: { id: "page-rafters-from-a-ledger-as-over-a" } },
  { value: "parallel_to_wall", label: { id: "page-trusses-or-rafters-along-the-wall" } },
] as const;

const LEVEL_OR_SLOPE = [
  { value: "level", label: { id: "page-the-level" } },
  { value: "slope", label: { id: "page-the-slope" } },
] as const;

const WARMTHS = [
  { value: "heated", label: { id: "page-heated-below-ct-1-0" } },
  { value: "cold_and_vented", label: { id: "page-vented-over-r-25-or-more-1" } },
  { value: "unheated", label: { id: "page-nothing-heated-below-1-2" } },
  { value: "as_the_job_says", label: { id: "page-by-the-jobs-rule" } },
] as const;

const SNOW_TROUBLES = [
  { value: "none", label: { id: "page-nothing-else" } },
  { value: "drift", label: { id: "page-it-drifts-or-slides-from-a-higher" } },
  { value: "ice", label: { id: "page-ice-at-the-eave" } },
  { value: "unbalanced_hip_or_valley", label: { id: "page-a-hip-valley-or-curved-roof" } },
] as const;

export const ROOF_FORM: readonly FormField<Framing<"roof">>[] = [
  {
    at: "framing",
    as: "choice",
    label: { id: "page-how-it-reaches-this-wall" },
    options: ROOF_FRAMINGS,
    otherwise: "trusses",
    wide: true,
  },
  { at: "building_width", as: "length", label: { id: "page-building-width" }, input: "building-width" },
  { at: "overhang", as: "length", label: { id: "page-overhang" }, input: "overhang" },
  { at: "rise_in_twelve", as: "number", label: { id: "page-rise-in-12" }, input: "rise-in-twelve" },
  {
    at: "bay",
    as: "length",
    style: "inches",
    label: { id: "page-between-trusses" },
    input: "rafter-bay",
    when: (roof) => roof.framing === "parallel_to_wall" && roof.bay !== undefined,
  },
  {
    at: "roof_dead",
    as: "number",
    quantity: "pounds_per_square_foot",
    label: { id: "page-roof-dead" },
    hint: { id: "page-20-under-tile" },
    input: "roof-dead",
  },
  {
    at: "dead_on",
    as: "choice",
    label: { id: "page-roof-dead-is-weighed-on-the" },
    options: LEVEL_OR_SLOPE,
    otherwise: "level",
  },
  {
    at: "warmth",
    as: "choice",
    label: { id: "page-how-warm-it-is" },
    options: WARMTHS,
    otherwise: "as_the_job_says",
  },
  {
    at: "ceiling_dead",
    as: "number",
    quantity: "pounds_per_square_foot",
    label: { id: "page-ceiling-dead" },
    input: "ceiling-dead",
  },
  {
    at: "attic_live",
    as: "number",
    quantity: "pounds_per_square_foot",
    label: { id: "page-attic-live" },
    hint: { id: "page-20-with-storage-10-without" },
    input: "attic-live",
  },
  {
    at: "snow_trouble",
    as: "choice",
    label: { id: "page-what-else-the-snow-does" },
    options: SNOW_TROUBLES,
    otherwise: "none",
  },
];

const FLOOR_FRAMINGS = [
  { value: "simple", label: { id: "page-they-end-on-it" } },
  { value: "continuous_over_this_wall", label: { id: "page-they-run-through-over-it" } },
  { value: "continuous_ending_here", label: { id: "page-they-end-on-it-and-run-through" } },
  { value: "cantilevered_past_this_wall", label: { id: "page-they-run-past-it-and-end-free" } },
  { value: "parallel_to_wall", label: { id: "page-they-run-along-it" } },
] as const;

const FLOOR_USES = [
  { value: "living", label: { id: "page-living-rooms-40" } },
  { value: "sleeping", label: { id: "page-sleeping-rooms-30" } },
  { value: "attic_with_storage", label: { id: "page-attic-with-storage-20" } },
  { value: "attic_without_storage", label: { id: "page-attic-without-storage-10" } },
  { value: "deck", label: { id: "page-deck-or-balcony-40" } },
] as const;

const WALL_BETWEEN = [
  { value: "no", label: { id: "page-a-wall" } },
  { value: "yes", label: { id: "page-no-wall" } },
] as const satisfies readonly [Choice, Choice];

const TAILS: readonly Choice[] = [
  { value: "free", label: { id: "page-nothing" } },
  { value: "loaded", label: { id: "page-a-wall-or-roof" } },
];

const UNSAID_TAILS: readonly Choice[] = [
  { value: "not_said", label: { id: "page-not-said" } },
  { value: "assumed_free", label: { id: "page-nothing-assumed-before" } },
];

type Floor = Framing<"floor">;
/** Whether a floor's joists run past the wall and end free. */
export const cantilevered = (floor: Floor) => floor.framing === "cantilevered_past_this_wall";
const lands = (floor: Floor) => floor.framing !== "parallel_to_wall";

export const FLOOR_FORM: readonly FormField<Floor>[] = [
  {
    at: "framing",
    as: "choice",
    label: { id: "page-how-its-joists-bear-on-this-wall" },
    options: FLOOR_FRAMINGS,
    otherwise: "simple",
    wide: true,
  },
  {
    at: "bay",
    as: "length",
    style: "inches",
    label: { id: "page-between-joists" },
    input: "joist-bay",
    when: (floor) => !lands(floor),
  },
  {
    at: "span_one_side",
    as: "length",
    label: (floor) =>
      cantilevered(floor) ? { id: "page-span-behind-the-wall" } : { id: "page-joist-span-one-side" },
    input: "joist-span-one-side",
    when: lands,
  },
  {
    at: "span_other_side",
    as: "length",
    label: (floor) =>
      cantilevered(floor) ? { id: "page-tail-past-the-wall" } : { id: "page-other-side-or-the-next-span" },
    hint: (floor) => (cantilevered(floor) ? undefined : { id: "page-0-for-an-outside-wall" }),
    input: "joist-span-other-side",
    when: lands,
  },
  {
    at: "use",
    as: "choice",
    label: { id: "page-what-it-is-for" },
    options: FLOOR_USES,
    otherwise: "living",
  },
  {
    at: "live",
    as: "number",
    quantity: "pounds_per_square_foot",
    label: { id: "page-floor-live" },
    input: "floor-live",
  },
  {
    at: "dead",
    as: "number",
    quantity: "pounds_per_square_foot",
    label: { id: "page-floor-dead" },
    input: "floor-dead",
  },
  {
    at: "roofed",
    as: "yes_or_no",
    label: { id: "page-a-roof-covers-it" },
    when: (floor) => floor.use === "deck",
  },
  {
    at: "tail",
    as: "choice",
    label: { id: "page-on-its-tail-stands" },
    options: ({ tail }) => (tail === "free" || tail === "loaded" ? TAILS : [...UNSAID_TAILS, ...TAILS]),
    otherwise: "not_said",
    when: cantilevered,
  },
  {
    at: "no_wall_above",
    as: "yes_or_no",
    label: { id: "page-between-it-and-a-roof-over-it" },
    options: WALL_BETWEEN,
  },
];

const WOOD_OR_BRICK = [
  { value: "no", label: { id: "page-wood" } },
  { value: "yes", label: { id: "page-brick-or-stone" } },
] as const satisfies readonly [Choice, Choice];

export const WALL_ABOVE_FORM: readonly FormField<Framing<"wall_above">>[] = [
  { at: "height", as: "length", label: { id: "page-its-height" }, input: "wall-above-height" },
  {
    at: "dead",
    as: "number",
    quantity: "pounds_per_square_foot",
    label: { id: "page-its-weight" },
    input: "wall-above-dead",
  },
  { at: "brick", as: "yes_or_no", label: { id: "page-it-is-of" }, options: WOOD_OR_BRICK },
];

export const GABLE_FORM: readonly FormField<Framing<"gable">>[] = [
  {
    at: "rise_in_twelve",
    as: "number",
    label: { id: "page-rise-in-12" },
    hint: { id: "page-its-peak-stands-in-the-middle" },
    input: "rise-in-twelve",
  },
  {
    at: "dead",
    as: "number",
    quantity: "pounds_per_square_foot",
    label: { id: "page-its-weight" },
    input: "gable-dead",
  },
];

export const RIDGE_POST_FORM: readonly FormField<Framing<"ridge_post">>[] = [
  { at: "at", as: "length", label: { id: "page-its-place-on-the-wall" } },
  { at: "building_width", as: "length", label: { id: "page-building-width" }, input: "building-width" },
  {
    at: "span_one_side",
    as: "length",
    label: { id: "page-ridge-span-one-side" },
    input: "ridge-span-one-side",
  },
  {
    at: "span_other_side",
    as: "length",
    label: { id: "page-other-side" },
    hint: { id: "page-0-at-the-beams-end" },
    input: "ridge-span-other-side",
  },
  { at: "rise_in_twelve", as: "number", label: { id: "page-rise-in-12" }, input: "rise-in-twelve" },
  {
    at: "roof_dead",
    as: "number",
    quantity: "pounds_per_square_foot",
    label: { id: "page-roof-dead" },
    input: "roof-dead",
  },
  { at: "runs_over", as: "yes_or_no", label: { id: "page-the-beam-runs-over-it-in-one" } },
  {
    at: "beam_weight",
    as: "number",
    quantity: "pounds_per_foot",
    label: { id: "page-weight-of-the-beam" },
    input: "ridge-beam-weight",
  },
];
