import type { Schemas } from "../../api/client";

type Joists = Schemas["JoistsOver"];

/** What joists are, as they are typed; no depth where nobody said what they are. */
export interface TypedJoists {
  readonly depth: Schemas["Depth"] | "";
  readonly species: Schemas["Species"];
  readonly grade: Schemas["Grade"];
  readonly spacing: string;
}

const UNKNOWN: TypedJoists = { depth: "", species: "spruce_pine_fir", grade: "number2", spacing: '16"' };

/** As they are kept, to be typed over. */
export const typedJoists = (
  kept: Joists | null | undefined,
  typed: (length: number) => string,
): TypedJoists => (kept ? { ...kept, spacing: typed(kept.spacing) } : UNKNOWN);

/** As they are asked; nothing where nobody said what they are. */
export const askedOf = ({ depth, species, grade, spacing }: TypedJoists) =>
  depth === ""
    ? {}
    : { joist_depth: depth, joist_species: species, joist_grade: grade, joist_spacing: spacing };
