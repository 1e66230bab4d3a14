import { expect, test } from "vitest";
import { ticket } from "../../test/fixtures";
import { IDLE, pointTo, press } from "./dragging";

const opening = ticket();

test("a hand that shakes presses; one that moves away drags, and goes on dragging when it comes back", () => {
  const pressed = press(opening, 100);
  expect(pointTo(pressed, 103)).toBe(pressed);
  const dragging = pointTo(pressed, 96);
  expect(dragging).toEqual({ is: "dragging", opening, from: 100 });
  expect(pointTo(dragging, 100)).toBe(dragging);
});

test("nothing follows a pointer that holds nothing", () => {
  expect(pointTo(IDLE, 500)).toBe(IDLE);
});
