import { expect, test } from "vitest";
import { boardName, USUAL_BOARDS } from "./boards";

test("boards are called out as at the yard", () => {
  expect(boardName(USUAL_BOARDS.sawn)).toBe("2x10 Douglas Fir-Larch No.2");
  expect(boardName(USUAL_BOARDS.engineered)).toBe("1 3/4 x 11 7/8 LVL 2.0E-2600");
});

test("the user's own values are marked as such", () => {
  expect(boardName(USUAL_BOARDS.sheet)).toBe("3 1/2 x 11 7/8 From my sheet †");
});
