import { expect, test } from "vitest";
import { around, drawn, joists, onTheWay, type Path, type Station } from "./stations";

const flow = (from: number, to: number) => ({ from, to, brings: [] });

test("only the way of one station is found, up and down", () => {
  // A roof on two walls, each on its own foundation, and a break beside.
  const path = {
    stations: [],
    flows: [flow(0, 1), flow(0, 2), flow(1, 3), flow(2, 4), flow(5, 6)],
  } as unknown as Path;
  expect([...onTheWay(path, 1)].sort()).toEqual([0, 1, 3]);
  expect([...onTheWay(path, 0)].sort()).toEqual([0, 1, 2, 3, 4]);
  expect([...onTheWay(path, 6)].sort()).toEqual([5, 6]);
});

test("what lies far is drawn higher", () => {
  const inch = 25_400_000;
  const station = { near: { x: inch, y: 2 * inch }, far: { x: 5 * inch, y: 10 * inch } } as Station;
  expect(drawn(station)).toEqual({ x: 1, y: -10, width: 4, height: 8 });
  expect(drawn({ near: null, far: null } as unknown as Station)).toBeUndefined();
  expect(around([{ x: 0, y: 0, width: 2, height: 2 }], 1)).toEqual({ x: -1, y: -1, width: 4, height: 4 });
});

test("joists run their way, evenly from the middle", () => {
  const field = { x: 0, y: 0, width: 10, height: 6 };
  expect(joists(field, "y", 4)).toEqual([
    [1, 0, 1, 6],
    [5, 0, 5, 6],
    [9, 0, 9, 6],
  ]);
  expect(joists(field, "x", 6)).toEqual([
    [0, 0, 10, 0],
    [0, 6, 10, 6],
  ]);
});
