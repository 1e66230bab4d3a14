import { describe, expect, it } from "vitest";
import { cutsOn, fileAddress, nextStick, shownOf } from "./views";

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

  it("cuts the first stick that there is next, and knows who gets what", () => {
    const names = [
      { what: { id: "stud" }, goes: { id: "front" } },
      { what: { id: "jack" }, goes: { id: "back" } },
    ];
    const section = (pieces: number[][][]) => ({
      section: { id: "2x6" },
      wood: "2x6",
      treated: false,
      too_long: [],
      buy: [],
      cost_cents: 0,
      bound_cents: 0,
      sticks: pieces.map((pieces) => ({
        length: 144,
        count: pieces.length,
        at_hand: false,
        cuts: [88, 40],
        kerfs: 2,
        offcut: 14,
        pieces,
      })),
    });
    const delivery = (pieces: number[][][]) => ({
      key: "once",
      called: { id: "once" },
      sections: [section(pieces)],
      cost_cents: 0,
      pounds: 0,
    });
    const next = nextStick({ names, deliveries: [delivery([]), delivery([[[1, 0]], [[0, 0]]])] });
    expect(next?.cuts).toEqual([
      { length: 88, name: names[1] },
      { length: 40, name: names[0] },
    ]);
    expect(nextStick({ names, deliveries: [delivery([])] })).toBeUndefined();
  });
});
