import { describe, expect, it } from "vitest";
import { askedOf, typedJoists } from "./joists";

describe("joists over a wall", () => {
  it("are not asked for where nobody said what they are", () => {
    expect(askedOf(typedJoists(null, String))).toEqual({});
  });

  it("are asked as they were kept", () => {
    const kept = { depth: "ten", species: "hem_fir", grade: "number1", spacing: 406_400_000 } as const;
    expect(askedOf(typedJoists(kept, (length) => `${length / 25_400_000}"`))).toEqual({
      joist_depth: "ten",
      joist_species: "hem_fir",
      joist_grade: "number1",
      joist_spacing: '16"',
    });
  });
});
