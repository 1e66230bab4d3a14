import { expect, test } from "vitest";
import type { Wall, WallView } from "../../api/client";
import { landingOf } from "./landingOf";

const carries = (bearing: boolean) =>
  ({
    bearing,
    items: [
      { what: { kind: "roof" } },
      { what: { kind: "floor" }, from: 10, to: 60 },
      { what: { kind: "ridge_post" } },
    ],
  }) as unknown as Wall["carries"];
const point = { at: 40, name: "hot tub", dead: 300, floor_live: 900, roof_live: 0, snow: 0 };
const wall = (bearing: boolean) => ({ carries: carries(bearing), point_loads: [point] }) as unknown as Wall;
const view = {
  length: 100,
  members: [
    { role: "squash_block", x: 47, width: 3, height: 9 },
    { role: "squash_block", x: 50, width: 3, height: 9 },
    { role: "stud", x: 40, width: 3, height: 90 },
  ],
  load_points: [
    {
      at: 50,
      source: "load-post-under-the-ridge-beam",
      parts: [
        { lb: 1200, symbol: "D" },
        { lb: 2400, symbol: "S" },
      ],
    },
  ],
} as unknown as WallView;

test("roofs and floors lie along their stretch, posts and points stand where they are with all they bring", () => {
  expect(landingOf(wall(true), view)).toMatchObject({
    bands: [
      { shape: "roof", from: 0, to: 100 },
      { shape: "floor", from: 10, to: 60 },
    ],
    points: [
      { at: 50, name: { id: "load-post-under-the-ridge-beam" }, pounds: 3600, on: 9 },
      { at: 40, name: "hot tub", pounds: 1200, on: 0 },
    ],
  });
});

test("on a partition nothing lies along the wall", () => {
  expect(landingOf(wall(false), view).bands).toEqual([]);
});
