import { expect, test } from "vitest";
import { together } from "./together";

test("a figure keeps its fraction and its unit", () => {
  expect(together(`cut 39 1/2", 195 lb/ft, 1308 psi, 61 %`)).toBe(
    `cut 39\u00a01/2", 195\u00a0lb/ft, 1308\u00a0psi, 61\u00a0%`,
  );
  expect(together("0.106 in. and 502.9 mm")).toBe("0.106\u00a0in. and 502.9\u00a0mm");
});

test("other words may stand on the next line", () => {
  expect(together("2 jacks in 3 months of 1 mile")).toBe("2 jacks in 3 months of 1 mile");
});
