import { expect, test } from "vitest";
import { topAt } from "./landing";

test("the top of a wall under a gable is read along both slopes", () => {
  const gable = [0, 96, 100, 146, 200, 96];
  expect([0, 50, 100, 150, 200, 250].map((at) => topAt(gable, at))).toEqual([96, 121, 146, 121, 96, 96]);
});

test("a level top is level", () => {
  expect([-5, 0, 30, 200].map((at) => topAt([0, 97, 200, 97], at))).toEqual([97, 97, 97, 97]);
});
