import { expect, test } from "vitest";
import type { JobView, Schemas } from "../../../api/client";
import { wanted } from "./wanted";

const framing = {
  let_downs: [{ from: 900, to: 1200, height: { by: "over_plates", over: 80 }, plates: 2 }],
  boards: [],
  kept_clear: [],
  ceiling: { over: "not_said" },
  left_end: "plain",
  right_end: "plain",
  blocking: [54],
};
const job = { walls: [{ id: "w", frame: { length: 2000, framing } }] } as unknown as JobView["job"];

function framed(said: Partial<Schemas["SayView"]>) {
  const edit = wanted({ designs: [], ...said } as Schemas["SayView"], "w");
  if (typeof edit !== "function") throw new Error("an edit of what is there by then");
  const command = edit(job);
  if (command?.do !== "change_wall") throw new Error("an edit of the wall");
  return command.frame.framing as unknown as typeof framing;
}

test("a let-down takes its place from the left, and everything else of the frame stays", () => {
  const let_down = { from: 100, to: 300, height: { by: "over_plates", over: 70 }, plates: 1 } as const;
  const now = framed({ let_down });
  expect(now.let_downs.map(({ from }) => from)).toEqual([100, 900]);
  expect({ ...now, let_downs: framing.let_downs }).toEqual(framing);
});

test("boards, pipes, the ceiling and a corner are put in where they belong", () => {
  const board = { name: "rail", from: 1, to: 2, middle: 3, board: "six" } as const;
  expect(framed({ board }).boards).toEqual([board]);
  const kept_clear = { name: "drain", at: 5, width: 3, clear_for: "pipe" } as const;
  expect(framed({ kept_clear }).kept_clear).toEqual([kept_clear]);
  expect(framed({ ceiling: { over: "hangs_free" } }).ceiling).toEqual({ over: "hangs_free" });
  const corner = framed({ corner: "right" });
  expect([corner.left_end, corner.right_end]).toEqual(["plain", "three_piece_corner"]);
});

test("nothing is wanted of a wall that is gone by then", () => {
  const edit = wanted({ designs: [], corner: "left" } as unknown as Schemas["SayView"], "other");
  expect(typeof edit === "function" && edit(job)).toBeUndefined();
});
