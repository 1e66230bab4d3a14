import { expect, test } from "vitest";
import type { JobView } from "../../api/client";
import { moved, movesAlong, standsAt, stopsFor, taken } from "./moving";
import type { Path, Station } from "./stations";

const FOOT = 304_800_000;
const place = { level: "l1", axis: "x", offset: 14 * FOOT, start: 0, turned: false };
const field = {
  id: "f",
  level: "l1",
  name: "Floor",
  left: 0,
  right: 36 * FOOT,
  near: 0,
  far: 24 * FOOT,
  span: "y",
};
const post = { id: "p", level: "l0", name: "Post", x: FOOT, y: 2 * FOOT, weight: 30 };
const job = {
  walls: [{ id: "w", place }],
  house: { beams: [], foundations: [], pads: [], posts: [post], fields: [field], levels: [], marks: [] },
} as unknown as JobView["job"];

const station = (part: object) => part as unknown as Station;
const wall = station({ kind: "wall", id: "w", storey: 1 });

test("a wall moves across itself, a post both ways, an edge across itself", () => {
  expect(movesAlong(job, { station: wall })).toEqual(["y"]);
  expect(movesAlong(job, { station: station({ kind: "post", id: "p" }) })).toEqual(["x", "y"]);
  expect(movesAlong(job, { station: station({ kind: "field", id: "f" }), edge: "left" })).toEqual(["x"]);
  expect(movesAlong(job, { station: station({ kind: "field", id: "f" }) })).toEqual([]);
  expect(movesAlong(job, { station: station({ kind: "slab" }) })).toEqual([]);
});

test("what was moved is where it was put, and nothing else of it changed", () => {
  expect(moved(job, { station: wall }, { y: 12 * FOOT + 0.4 })).toEqual({
    do: "place_wall",
    wall: "w",
    place: { ...place, offset: 12 * FOOT },
  });
  const edge = { station: station({ kind: "field", id: "f" }), edge: "far" as const };
  expect(standsAt(job, edge, "y")).toBe(24 * FOOT);
  expect(moved(job, edge, { y: 20 * FOOT })).toEqual({
    do: "change_part",
    part: { part: "field", ...field, far: 20 * FOOT },
  });
  expect(moved(job, { station: station({ kind: "post", id: "gone" }) }, { x: 0 })).toBeUndefined();
  const put = { x: 3 * FOOT, y: 4 * FOOT };
  expect(moved(job, { station: station({ kind: "post", id: "p" }) }, put)).toEqual({
    do: "change_part",
    part: { part: "post", ...post, ...put },
  });
});

test("it stops over a wall below, in line with one beside it, and half way", () => {
  const box = (at: number) => ({ near: { x: 0, y: at - 1 }, far: { x: 36 * FOOT, y: at + 1 } });
  const name = { id: "verbatim", args: {} };
  const path = {
    stations: [
      wall,
      { kind: "wall", id: "below", storey: 0, name, ...box(12 * FOOT) },
      { kind: "wall", id: "beside", storey: 1, name, ...box(0) },
      { kind: "wall", id: "across", storey: 0, name, near: { x: 0, y: 0 }, far: { x: 2, y: 24 * FOOT } },
    ],
    flows: [],
  } as unknown as Path;
  const stops = stopsFor(path, { station: wall }, "y");
  expect(stops.map(({ at, why }) => [at, why.id])).toEqual([
    [12 * FOOT, "page-stop-over"],
    [0, "page-stop-in-line-with"],
    [6 * FOOT, "page-stop-in-the-middle"],
  ]);
  expect(taken(stops, 11.8 * FOOT, FOOT)?.at).toBe(12 * FOOT);
  expect(taken(stops, 9 * FOOT, FOOT)).toBeUndefined();
});

test("a stud of the layout is stopped at from nearby only, and where nothing else is", () => {
  const under = station({
    ...wall,
    kind: "wall",
    id: "u",
    storey: 0,
    name: { id: "verbatim", args: { text: { text: "Under" } } },
    near: { x: 0, y: 0 },
    far: { x: 10 * FOOT, y: FOOT / 2 },
    layout: { from: 4 * FOOT, every: 2 * FOOT },
  });
  const held = { station: station({ kind: "post", id: "p", storey: 1 }) };
  const stops = stopsFor({ stations: [under], flows: [] } as unknown as Path, held, "x");
  const weak = stops.filter(({ weak }) => weak).map(({ at }) => at / FOOT);
  expect(weak).toEqual([0, 2, 4, 6, 8, 10]);
  expect(
    stopsFor({ stations: [under], flows: [] } as unknown as Path, held, "y").some(({ weak }) => weak),
  ).toBe(false);
  expect(taken(stops, 4.2 * FOOT, FOOT)?.at).toBe(4 * FOOT);
  expect(taken(stops, 4.5 * FOOT, FOOT)).toBeUndefined();
  const strong = { at: 4.9 * FOOT, why: { id: "page-stop-over" } };
  expect(taken([...stops, strong], 4.1 * FOOT, FOOT)).toBe(strong);
});
