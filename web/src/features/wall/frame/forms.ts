import type { Schemas } from "../../../api/client";
import type { Choice, FormField } from "../../../components/Form";
import { NM_PER_FOOT } from "../../../lib/length";
import { SPECIES } from "../../materials/boards";
import { studChoices } from "./studs";

// What is asked of a wall's frame, in the order it is asked.

type Frame = Schemas["AnsweredWallFrame"];
type Options = Schemas["AnsweredFramingOptions"];

/** How studs are sawn. */
export const SAWN_FORM: readonly FormField<Options>[] = [
  {
    at: "sawn",
    as: "row",
    label: { id: "page-studs-sawn-to" },
    options: [
      { value: "inches", label: { id: "page-inches" } },
      { value: "millimeters", label: "mm" },
    ],
    otherwise: "inches",
  },
];

/** How deep they are. */
export const STUD_FORM: readonly FormField<Frame>[] = [
  {
    at: "stud_depth",
    as: "row",
    label: { id: "page-studs" },
    options: (frame) => studChoices(frame.framing.sawn),
    otherwise: "four",
  },
];

/** What they are, and what the plates are. */
export const LUMBER_FORM: readonly FormField<Frame>[] = [
  {
    at: "stud_species",
    as: "choice",
    label: { id: "page-stud-species" },
    options: SPECIES,
    otherwise: "spruce_pine_fir",
  },
  {
    at: "stud_grade",
    as: "choice",
    label: { id: "page-stud-grade" },
    options: [
      { value: "stud", label: { id: "page-stud" } },
      { value: "number2", label: "No.2" },
      { value: "number1", label: "No.1" },
    ],
    otherwise: "stud",
  },
  {
    at: "plate_species",
    as: "choice",
    label: { id: "page-plate-species" },
    options: SPECIES,
    otherwise: "spruce_pine_fir",
  },
  {
    at: "spacing",
    as: "length",
    style: "inches",
    label: { id: "page-stud-spacing-on-center" },
    input: "stud-spacing",
  },
];

/** Which side of it the weather is on. */
export const FACE_FORM: readonly FormField<Options>[] = [
  {
    at: "face",
    as: "row",
    label: { id: "page-it-is" },
    options: [
      { value: "outside", label: { id: "page-an-outside-wall" } },
      { value: "inside", label: { id: "page-an-inside-wall" } },
    ],
    otherwise: "outside",
  },
];

const ENDS = [
  { value: "plain", label: { id: "page-a-single-stud" } },
  { value: "three_stud_corner", label: { id: "page-corner-of-three-studs" } },
  { value: "two_stud_corner", label: { id: "page-corner-of-two-with-a-backer" } },
  { value: "three_piece_corner", label: { id: "page-corner-of-three-pieces" } },
] as const;

/** This wall's end, or the far face of the wall that stands there. */
const hooks = (options: Options): readonly Choice[] => [
  { value: "own", label: { id: "page-this-walls-end" } },
  ...studChoices(options.sawn).map(({ value, label }) => ({
    value,
    label: { id: "page-far-face-of-the-wall-there", args: { label: { text: label } } },
  })),
];

/** Layout, corners, heads and blocking. */
export const LAYOUT_FORM: readonly FormField<Options>[] = [
  {
    at: "layout_from",
    as: "row",
    label: { id: "page-layout-pulled-from" },
    options: [
      { value: "left", label: { id: "page-left-end" } },
      { value: "right", label: { id: "page-right-end" } },
    ],
    otherwise: "left",
  },
  {
    at: "layout_from_face_of",
    as: "choice",
    label: { id: "page-hooked-on" },
    options: hooks,
    otherwise: "own",
    nothing: "own",
  },
  { at: "left_end", as: "choice", label: { id: "page-left-end" }, options: ENDS, otherwise: "plain" },
  { at: "right_end", as: "choice", label: { id: "page-right-end" }, options: ENDS, otherwise: "plain" },
  {
    at: "heads",
    as: "choice",
    label: { id: "page-heads-of-the-openings" },
    options: [
      { value: "aligned", label: { id: "page-line-up" } },
      { value: "on_purpose", label: { id: "page-differ-on-purpose" } },
    ],
    otherwise: "aligned",
  },
  {
    at: "blocking",
    as: "lengths",
    style: "inches",
    label: { id: "page-rows-of-blocking-at" },
    hint: { id: "page-heights-a-comma-between-empty-for-none" },
  },
];

/** What plates are cut from, and how far their breaks keep apart. */
export const PLATE_FORM: readonly FormField<Options>[] = [
  { at: "plate_stock", as: "length", label: { id: "page-plates-cut-from" }, input: "plate-stock" },
  {
    at: "breaks_apart",
    as: "length",
    label: { id: "page-top-plate-breaks-apart-by" },
    hint: {
      id: "page-2-0-by-the-code-4-0",
      args: { code: { distance: 2 * NM_PER_FOOT }, practice: { distance: 4 * NM_PER_FOOT } },
    },
    input: "breaks-apart",
  },
];

/** Bolts in concrete. */
export const BOLT_FORM: readonly FormField<Options>[] = [
  { at: "bolts", as: "length", label: { id: "page-bolts-at-most-apart" }, input: "bolts" },
  {
    at: "cast_bolts",
    as: "lengths",
    label: { id: "page-bolts-in-the-concrete-at" },
    hint: { id: "page-empty-they-are-placed" },
  },
];
