import { expect, test, vi } from "vitest";
import { NM_PER_INCH, NM_PER_MILLIMETER, NM_PER_SIXTEENTH } from "../../../lib/length";
import { ticket } from "../../../test/fixtures";
import { openingCommands, pressOn } from "./openingCommands";

const opening = ticket();
const key = (name: string, shiftKey = false, ctrlKey = false) => ({
  key: name,
  shiftKey,
  ctrlKey,
  metaKey: false,
});

function doing(units: "feet_and_inches" | "millimeters") {
  const done = { nudge: vi.fn(), forget: vi.fn(), select: vi.fn(), remove: vi.fn() };
  return { ...done, commands: openingCommands({ units, ...done }) };
}

test("arrows move it by what the user's tape shows, farther with Shift", () => {
  const { commands, nudge } = doing("feet_and_inches");
  pressOn(opening, key("ArrowLeft"), commands);
  pressOn(opening, key("ArrowRight", true), commands);
  const metric = doing("millimeters");
  pressOn(opening, key("ArrowRight"), metric.commands);
  pressOn(opening, key("ArrowLeft", true), metric.commands);
  expect([...nudge.mock.calls, ...metric.nudge.mock.calls].map(([, by]) => by)).toEqual([
    -NM_PER_SIXTEENTH,
    NM_PER_INCH,
    NM_PER_MILLIMETER,
    -10 * NM_PER_MILLIMETER,
  ]);
});

test("Enter and Space look at it, Delete and Backspace take it out, and each press is used up", () => {
  const { commands, select, remove } = doing("feet_and_inches");
  const used = ["Enter", " ", "Delete", "Backspace"].map((name) => pressOn(opening, key(name), commands));
  expect(used).toEqual([true, true, true, true]);
  expect([select.mock.calls, remove.mock.calls]).toEqual([
    [[opening.id], [opening.id]],
    [[opening.id], [opening.id]],
  ]);
});

test("Escape leaves it as it was and goes on to whoever wants it too; other keys are nobody's", () => {
  const { commands, forget, nudge } = doing("feet_and_inches");
  expect(pressOn(opening, key("Escape"), commands)).toBe(false);
  expect(forget).toHaveBeenCalledOnce();
  expect(pressOn(opening, key("x"), commands)).toBe(false);
  expect(pressOn(opening, key("ArrowLeft", false, true), commands)).toBe(false);
  expect(nudge).not.toHaveBeenCalled();
});
