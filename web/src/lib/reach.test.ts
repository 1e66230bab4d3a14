import { expect, test } from "vitest";
import { NM_PER_FOOT } from "./length";
import { feetMarks, isForRoom, runsOf } from "./reach";

const point = (feet: number, governs: string) => ({ clear: feet * NM_PER_FOOT, governs });

test("runs of one check follow one another to where the header gives out", () => {
  const points = [
    point(2, "shear"),
    point(3, "shear"),
    point(4, "bending"),
    point(5, "bending"),
    point(6, "bending"),
  ];
  expect(runsOf(points, 5.5 * NM_PER_FOOT)).toEqual([
    { from: 0, to: 3 * NM_PER_FOOT, governs: "shear" },
    { from: 3 * NM_PER_FOOT, to: 5.5 * NM_PER_FOOT, governs: "bending" },
  ]);
  expect(runsOf([], 0)).toEqual([]);
});

test("the axis is marked every two feet", () => {
  expect(feetMarks(20 * NM_PER_FOOT)).toEqual([0, 2, 4, 6, 8, 10, 12, 14, 16, 18, 20]);
});

test("want of room is told from want of strength", () => {
  expect(["check-width", "check-depth", "check-bending", "existing-jacks"].map(isForRoom)).toEqual([
    true,
    true,
    false,
    false,
  ]);
});
