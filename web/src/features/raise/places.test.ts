import { describe, expect, it } from "vitest";
import { endsWith, standing } from "./places";

describe("who stands where", () => {
  it("spreads people evenly along a panel", () => {
    expect(standing(4, 0, 80)).toEqual([10, 30, 50, 70]);
    expect(standing(1, 20, 40)).toEqual([30]);
    expect(standing(0, 0, 10)).toEqual([]);
  });
});

describe("where panels end", () => {
  const panels = [
    { from: 0, to: 10 },
    { from: 10, to: 20 },
    { from: 20, to: 30 },
  ];

  it("moves one end, in order and within the wall", () => {
    expect(endsWith(panels, 1, 14)).toEqual([14, 20]);
    expect(endsWith(panels, 1, 25)).toEqual([20, 25]);
    expect(endsWith(panels, 2, 99)).toEqual([10, 30]);
    expect(endsWith(panels, 1, -5)).toEqual([0, 20]);
  });
});
