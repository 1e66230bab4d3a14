import { describe, expect, it } from "vitest";
import { cutsOn, fileAddress, shownOf } from "./views";

describe("what the cut screen shows", () => {
  it("shows what is built first where nothing else was asked for", () => {
    expect([shownOf(null), shownOf("sticks"), shownOf("nonsense")]).toEqual(["packs", "sticks", "packs"]);
  });

  it("asks for a file of what is shown", () => {
    expect(fileAddress("j", "cut", "csv", { wall: "w", units: "feet" })).toBe(
      "/api/jobs/j/cut/csv?wall=w&units=feet",
    );
  });

  it("lays cuts along a stick with the saw between them", () => {
    expect(cutsOn([40, 40, 15], 2, 100, 1000)).toEqual([
      { from: 0, wide: 400 },
      { from: 420, wide: 400 },
      { from: 840, wide: 150 },
    ]);
    expect(cutsOn([], 2, 100, 1000)).toEqual([]);
  });
});
