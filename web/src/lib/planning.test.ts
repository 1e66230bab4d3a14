import { describe, expect, it } from "vitest";
import { planningOf, USUAL_KERF } from "./planning";

describe("how sticks are planned", () => {
  it("is as usual where nothing, or nonsense, was asked for", () => {
    const usual = { trucks: "twice", prices: "yard", kerf: USUAL_KERF, allowance: 0 };
    expect(planningOf(new URLSearchParams())).toEqual(usual);
    expect(planningOf(new URLSearchParams("trucks=ten&prices=x&kerf=-1&allowance=99"))).toEqual(usual);
  });

  it("is as was asked for", () => {
    expect(planningOf(new URLSearchParams("trucks=once&prices=own&kerf=1587500&allowance=10"))).toEqual({
      trucks: "once",
      prices: "own",
      kerf: 1_587_500,
      allowance: 10,
    });
  });
});
