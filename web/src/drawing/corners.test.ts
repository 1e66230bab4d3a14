import { expect, test } from "vitest";
import { corners } from "./corners";

const member = {
  role: "stud",
  x: 10,
  y: 100,
  width: 20,
  height: 50,
  cut: 50,
  plies: 1,
  stock: "",
  minded: "nothing",
} as const;

test("a stud under a climbing plate is longer at its right side", () => {
  expect(corners({ ...member, climb_bottom: 0, climb_top: 8 })).toEqual([
    [10, 100],
    [30, 100],
    [30, 150],
    [10, 142],
  ]);
});

test("a plate that falls keeps its thickness", () => {
  expect(corners({ ...member, climb_bottom: -30, climb_top: -30 })).toEqual([
    [10, 130],
    [30, 100],
    [30, 120],
    [10, 150],
  ]);
});
