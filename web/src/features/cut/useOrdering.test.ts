import { describe, expect, it } from "vitest";
import { type Looked, toOrder, withInstead } from "./useOrdering";

const line = (length: number, count: number) => ({
  wood: "2x12 SPF No.2",
  treated: false,
  length,
  count,
  price_cents: 0,
});
const looked: Looked = {
  key: "k",
  lines: [line(96, 4), line(192, 30)],
  quote: {
    yard: "Y",
    as_of: "2026-11-27",
    cost_cents: 0,
    lines: [
      { price_cents: 700, there: 4, instead: null },
      { price_cents: 1500, there: 24, instead: { length: 240, price_cents: 2100, count: 6 } },
    ],
  },
};

describe("what is ordered", () => {
  it("is what there is, at the prices that were said", () => {
    expect(toOrder(looked)).toEqual([
      { ...line(96, 4), price_cents: 700 },
      { ...line(192, 24), price_cents: 1500 },
    ]);
  });

  it("takes longer sticks for those that are short, and no others", () => {
    expect(withInstead(looked, 1)).toEqual([line(96, 4), line(192, 24), line(240, 6)]);
    expect(withInstead(looked, 0)).toEqual(looked.lines);
  });
});
