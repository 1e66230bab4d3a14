import { describe, expect, it } from "vitest";
import { besideOf, putAt } from "./order";

const walls = [
  { wall: "front", storey: "lower" },
  { wall: "back", storey: "lower" },
  { wall: "left", storey: "lower" },
  { wall: "upper", storey: "upper" },
  { wall: "shed", storey: null },
];

describe("the order in which walls are raised", () => {
  it("puts a wall where another one of its storey is", () => {
    expect(putAt(walls, "left", "front")).toEqual(["left", "front", "back", "upper"]);
    expect(putAt(walls, "front", "left")).toEqual(["back", "left", "front", "upper"]);
  });

  it("leaves a wall on its storey", () => {
    expect(putAt(walls, "left", "upper")).toBeUndefined();
    expect(putAt(walls, "shed", "left")).toBeUndefined();
    expect(putAt(walls, "left", "left")).toBeUndefined();
  });

  it("knows what stands beside it", () => {
    expect([besideOf(walls, "back", -1), besideOf(walls, "back", 1)]).toEqual(["front", "left"]);
    expect([besideOf(walls, "front", -1), besideOf(walls, "left", 1), besideOf(walls, "upper", 1)]).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
  });
});
