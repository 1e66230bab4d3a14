import { expect, test } from "vitest";
import type { Edited, JobView } from "./client";
import { merged } from "./merged";

const wall = (id: string, name: string) => ({ id, frame: { name } }) as JobView["job"]["walls"][number];
const before = {
  id: "job",
  version: 3,
  made_at: "2026-11-26T08:00:00Z",
  job: { name: "Shed", settings: { creep: 1.5 }, stock: [], walls: [wall("a", "North"), wall("b", "South")] },
  totals: [],
} as unknown as JobView;

const edited: Edited = {
  id: "job",
  version: 4,
  made_at: "2026-11-26T08:01:00Z",
  made_of: "2026-11-26T08:00:00Z",
  walls: [{ id: "b" }, { id: "a", wall: wall("a", "Street side") }, { id: "c", wall: wall("c", "New") }],
  can_undo: { id: "page-nothing" },
  totals: [{ openings: 1, trouble: 0, asking: 0 }],
};

test("walls that changed replace theirs, in the order they have now; the rest stays", () => {
  const after = merged(before, edited);
  expect(after?.job.walls.map((each) => each.frame.name)).toEqual(["South", "Street side", "New"]);
  expect(after?.job.walls[0]).toBe(before.job.walls[1]);
  expect([after?.job.name, after?.version, after?.made_at]).toEqual(["Shed", 4, edited.made_at]);
  expect([after?.can_undo, after?.can_redo]).toEqual([{ id: "page-nothing" }, undefined]);
});

test("what is not about a wall comes as a whole", () => {
  const rest = { ...before.job, name: "Boat shed", walls: [] };
  const after = merged(before, { ...edited, rest, walls: [{ id: "a" }, { id: "b" }] });
  expect(after?.job.name).toBe("Boat shed");
  expect(after?.job.walls).toEqual(before.job.walls);
});

test("an edit of another version, or a wall nobody knows, means reading the job again", () => {
  expect(merged(undefined, edited)).toBeUndefined();
  expect(merged({ ...before, made_at: "2026-11-25T08:00:00Z" }, edited)).toBeUndefined();
  expect(merged(before, { ...edited, walls: [{ id: "z" }] })).toBeUndefined();
});
