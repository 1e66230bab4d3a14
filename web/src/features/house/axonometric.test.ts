import { expect, test } from "vitest";
import type { JobView } from "../../api/client";
import { bands, corners, hardest, seen, sharedPart, solid, storeys } from "./axonometric";
import type { Path, Station } from "./stations";

const INCH = 25_400_000;
const box = { near: { x: 0, y: 0 }, far: { x: 100 * INCH, y: 50 * INCH } };
const station = (part: object) => ({ arrives: [], ...part }) as unknown as Station;
const job = {
  walls: [{ openings: [{ id: "o", design: { sill: 30 * INCH, unit_height: 40 * INCH } }] }],
} as unknown as JobView["job"];
const two = storeys([{ height: 100 * INCH }, { height: 96 * INCH }], 20);

test("storeys stand over one another, as far apart as they are pulled", () => {
  expect(two).toEqual([
    { base: 0, height: 100 },
    { base: 132, height: 96 },
  ]);
});

test("what is higher is drawn higher, what is farther to the right and up", () => {
  expect(seen({ x: 0, y: 0, z: 10 }).y).toBeLessThan(seen({ x: 0, y: 0, z: 0 }).y);
  const [near, far] = [seen({ x: 0, y: 0, z: 0 }), seen({ x: 0, y: 10, z: 0 })];
  expect(far.x > near.x && far.y < near.y).toBe(true);
});

test("each kind of station stands where it is built", () => {
  const z = (part: object) => {
    const stands = solid(job, two, station({ ...box, ...part }), 20);
    return [stands?.near.z, stands?.far.z];
  };
  expect(z({ kind: "wall", storey: 1 })).toEqual([132, 228]);
  expect(z({ kind: "beam", storey: 0 })).toEqual([90, 100]);
  expect(z({ kind: "opening", id: "o", storey: 0 })).toEqual([30, 70]);
  expect(z({ kind: "pad" })).toEqual([-62, -50]);
  expect(solid(job, two, station({ kind: "slab" }), 0)).toBeUndefined();
  const stands = solid(job, two, station({ ...box, kind: "wall", storey: 0 }), 0);
  expect(stands && corners(stands).map((around) => around.length)).toEqual([4, 4]);
});

const brings = (pounds: number) => [{ symbol: "D", pounds }];
const path = {
  stations: [
    station({ kind: "field", storey: 0, ...box }),
    station({ kind: "wall", storey: 0, ...box, works: 0.5 }),
    station({ kind: "beam", storey: 0, ...box, works: 0.9 }),
    station({ kind: "foundation", ...box }),
  ],
  flows: [
    { from: 0, to: 1, brings: brings(1000) },
    { from: 1, to: 3, brings: brings(1000) },
    { from: 2, to: 3, brings: brings(3000) },
  ],
} as unknown as Path;

test("bands are as wide as they bring pounds", () => {
  const solids = path.stations.map((each) => solid(job, two, each, 0));
  const widths = bands(path, solids).map(({ width }) => Math.round(width * 10) / 10);
  expect(widths).toEqual([8.7, 8.7, 26]);
});

test("what is shared with others, and what works hardest", () => {
  expect(sharedPart(path, new Set([0, 1, 3]), 3)).toBe(0.75);
  expect(sharedPart(path, new Set([0, 1, 3]), 1)).toBe(0);
  expect(hardest(path, [0, 1, 3])).toBe(1);
  expect(hardest(path, [0, 1, 2, 3])).toBe(2);
  expect(hardest(path, [0, 3])).toBeUndefined();
});
