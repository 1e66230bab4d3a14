import { describe, expect, it } from "vitest";
import { allPlaces, along, BESIDE, inchesOff, nearestTo, WIDE } from "./section";

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

describe("places of all storeys", () => {
  const field = {
    name: "Floor",
    pieces: [{ from: 0, to: 50 }],
    supports: [{ at: 60, goes: false }],
    spans: [],
  };
  const storey = {
    name: "",
    is_opened: false,
    walls: [],
    studs: null,
    header: null,
    carries: false,
    ratio: null,
  };

  it("are joists, lines and temporary walls together", () => {
    const storeys = [{ ...storey, fields: [field] }];
    expect(allPlaces({ storeys, temporary: [70] })).toEqual([0, 50, 60, 70]);
  });

  it("knows the nearest one, the first of two as near", () => {
    expect(nearestTo(14, [0, 10, 20])).toBe(10);
    expect(nearestTo(15, [0, 10, 20])).toBe(10);
    expect(nearestTo(15, [])).toBe(15);
  });
});
