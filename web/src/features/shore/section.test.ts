import { describe, expect, it } from "vitest";
import { along, BESIDE, inchesOff, WIDE } from "./section";

const INCH = 25_400_000;

describe("a section along the joists", () => {
  it("is drawn from its first place to its last", () => {
    const x = along([0, 288 * INCH]);
    expect(x(0)).toBeCloseTo(BESIDE);
    expect(x(288 * INCH)).toBeCloseTo(WIDE - BESIDE);
    expect(x(144 * INCH)).toBeCloseTo(WIDE / 2);
  });

  it("is dragged in whole inches within what is allowed", () => {
    const scale = 3 / INCH;
    expect(inchesOff(-91, scale, [3 * INCH, 96 * INCH])).toBe(30);
    expect(inchesOff(1, scale, [3 * INCH, 96 * INCH])).toBe(3);
    expect(inchesOff(9_999, scale, [3 * INCH, 96 * INCH])).toBe(96);
  });
});
