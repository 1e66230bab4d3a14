import { expect, test } from "vitest";
import { makeScale } from "../lib/scale";
import { labelRows, markGroups } from "./markGroups";

const mark = (at: number, label: string) =>
  ({ at, at_on_top: at, width: 15, label, on: "both", kind: "stud", opening: null }) as const;

test("marks that touch are read as one", () => {
  const groups = markGroups([mark(0, "X"), mark(100, "K"), mark(115, "J"), mark(300, "C")]);
  expect(groups.map((group) => group.letters)).toEqual(["X", "KJ", "C"]);
  expect(groups[1]).toMatchObject({ from: 100, to: 130 });
});

test("where labels would touch they stand in rows, packs nearest the plate", () => {
  const scale = makeScale(12, { length: 1e9, height: 1e9 }, 0, 0);
  const groups = markGroups([mark(0, "C"), mark(1e8, "K"), mark(1e8 + 15, "J"), mark(9e9, "X")]);
  const rows = labelRows(groups, scale, undefined);
  expect(groups.map((group) => [group.letters, rows.get(group)])).toEqual([
    ["C", 1],
    ["KJ", 0],
    ["X", 0],
  ]);
});
