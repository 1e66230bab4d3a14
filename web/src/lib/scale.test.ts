import { expect, test } from "vitest";
import { NM_PER_FOOT } from "./length";
import { makeScale, nearest, spread } from "./scale";

test("a scale goes there and back", () => {
  const scale = makeScale(24, { length: 10 * NM_PER_FOOT, height: 8 * NM_PER_FOOT }, 100, 10);
  expect(scale.x(2 * NM_PER_FOOT)).toBe(148);
  expect(scale.y(8 * NM_PER_FOOT)).toBe(10);
  expect(scale.y(0)).toBe(202);
  expect(scale.right).toBe(440);
  expect(scale.length(scale.size(NM_PER_FOOT))).toBeCloseTo(NM_PER_FOOT);
});

test("labels are pushed apart and stay in bounds", () => {
  expect(spread([10, 12, 13, 60], 10, 0, 100)).toEqual([10, 20, 30, 60]);
  expect(spread([90, 95, 99], 10, 0, 100)).toEqual([80, 90, 100]);
});

test("the nearest stop within reach is taken", () => {
  const stops = [{ center: 10 }, { center: 20 }, { center: 26 }];
  expect(nearest(stops, 22, 5)?.center).toBe(20);
  expect(nearest(stops, 40, 5)).toBeUndefined();
});
