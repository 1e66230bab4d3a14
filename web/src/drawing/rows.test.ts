import { describe, expect, test } from "vitest";
import { laidInRows, rowsOf } from "./rows";

describe("labels that crowd", () => {
  test("are laid in the first row that has room for them, and none is dropped", () => {
    const rows = laidInRows([
      { from: 0, to: 10 },
      { from: 8, to: 18 },
      { from: 10, to: 20 },
      { from: 9, to: 30 },
    ]);
    expect(rows).toEqual([0, 1, 0, 2]);
    expect(rowsOf(rows)).toBe(3);
  });

  test("those that are given first keep their row", () => {
    expect(
      laidInRows([
        { from: 8, to: 18 },
        { from: 0, to: 10 },
      ]),
    ).toEqual([0, 1]);
    expect(rowsOf([])).toBe(0);
  });
});
