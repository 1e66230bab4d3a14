import { cleanup, screen } from "@testing-library/react";
import { afterEach, expect, test } from "vitest";
import { renderFor } from "../test/speaking";
import { WorkBar } from "./WorkBar";

afterEach(cleanup);

const shown = (ratio: number | null) => {
  renderFor({}, <WorkBar ratio={ratio} label="bending" />);
  const figure = screen.getByText(/%/);
  return [figure.textContent, figure.classList.contains("text-error")];
};

test("what is full holds, what is more does not", () => {
  expect(shown(1)).toEqual(["100 %", false]);
  cleanup();
  expect(shown(1.31)).toEqual(["131 %", true]);
});

test("what carries nothing at all is over, not idle", () => {
  expect(shown(null)).toEqual(["∞ %", true]);
});
