import { expect, test } from "vitest";
import { swiped } from "./swipe";

test("a finger that goes along turns, one that scrolls or rests does not", () => {
  const from = { x: 200, y: 300 };
  const by = (x: number, y: number) => swiped(from, { x: from.x + x, y: from.y + y });
  expect([by(-100, 10), by(100, -20), by(-40, 0), by(-100, 90), by(0, -300)]).toEqual([1, -1, 0, 0, 0]);
});
