import type { Schemas } from "../../api/client";
import { lengthText, NM_PER_INCH } from "../../lib/length";

/** What a header can be made of. */
export type Board = Schemas["AnsweredBoard"];
/** The same as somebody types it. */
export type TypedBoard = Schemas["Board"];

export const SPECIES = [
  { value: "douglas_fir_larch", label: "Douglas Fir-Larch" },
  { value: "hem_fir", label: "Hem-Fir" },
  { value: "spruce_pine_fir", label: "Spruce-Pine-Fir" },
  { value: "southern_pine", label: "Southern Pine" },
] as const;

export const GRADES = [
  { value: "select_structural", label: "Sel. Str." },
  { value: "number1", label: "No.1" },
  { value: "number2", label: "No.2" },
  { value: "stud", label: "Stud" },
] as const;

export const THICKNESSES = [
  { value: "two", label: "2x" },
  { value: "four", label: "4x" },
  { value: "six", label: "6x" },
] as const;

export const DEPTHS = [
  { value: "four", label: "4" },
  { value: "six", label: "6" },
  { value: "eight", label: "8" },
  { value: "ten", label: "10" },
  { value: "twelve", label: "12" },
] as const;

export const CLASSES = [
  { value: "lvl20_e", label: "LVL 2.0E-2600" },
  { value: "lvl19_e", label: "LVL 1.9E-2600" },
  { value: "psl20_e", label: "PSL 2.0E-2900" },
  { value: "psl22_e", label: "PSL 2.2E-2900" },
  { value: "lsl155_e", label: "LSL 1.55E-2325" },
  { value: "glulam24_f18_e", label: "Glulam 24F-1.8E" },
] as const;

const labelOf = (list: readonly { readonly value: string; readonly label: string }[], value: string) =>
  list.find((each) => each.value === value)?.label ?? value;

/** A board as it is called out at the yard. */
export function boardName(board: TypedBoard): string {
  if (board.made === "sawn") {
    const size = labelOf(THICKNESSES, board.thickness) + labelOf(DEPTHS, board.nominal_depth);
    return `${size} ${labelOf(SPECIES, board.species)} ${labelOf(GRADES, board.grade)}`;
  }
  const inches = (length: number | string) =>
    (typeof length === "string" ? length : lengthText(length, "inches")).replace('"', "");
  const size = `${inches(board.ply_width)} x ${inches(board.depth)}`;
  return board.made === "sheet"
    ? `${size} ${board.sheet_name} †`
    : `${size} ${labelOf(CLASSES, board.class)}`;
}

/** What a fresh board of each make starts with, to be changed. */
export const USUAL_BOARDS: Record<Board["made"], Board> = {
  sawn: {
    made: "sawn",
    species: "douglas_fir_larch",
    grade: "number2",
    thickness: "two",
    nominal_depth: "ten",
  },
  engineered: {
    made: "engineered",
    class: "lvl20_e",
    ply_width: 1.75 * NM_PER_INCH,
    depth: 11.875 * NM_PER_INCH,
  },
  sheet: {
    made: "sheet",
    sheet_name: "From my sheet",
    bending_psi: 2400,
    shear_psi: 265,
    bearing_psi: 560,
    stiffness_psi: 1_800_000,
    stability_stiffness_psi: 930_000,
    density_pcf: 38,
    ply_width: 3.5 * NM_PER_INCH,
    depth: 11.875 * NM_PER_INCH,
  },
};
