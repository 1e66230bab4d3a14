import { expect, test } from "vitest";
import cases from "../../../crates/speech/tests/figures.json";
import { sheetFigure } from "./figures";
import { type Argument, makeSay } from "./voice";

const SYSTEMS = [
  ["feet_and_inches", "feet_and_inches"],
  ["metric", "millimeters"],
] as const;

test.each(SYSTEMS)("figures in %s are written as the command line writes them", (system, units) => {
  const say = makeSay({ language: "en", vocabulary: "jack", units });
  for (const { argument, ...wanted } of cases) {
    expect(say("an-amount", { amount: argument as Argument })).toBe(wanted[system]);
  }
});

test("the calculation sheet keeps the code's units, with the metric ones beside", () => {
  expect(sheetFigure(561.7, "psi")).toEqual({ own: "561.7 psi", metric: "3.87 MPa" });
  expect(sheetFigure(30, "pounds_per_square_foot")).toEqual({ own: "30 lb/ft²", metric: "1.44 kPa" });
  expect(sheetFigure(0.535, "none")).toEqual({ own: "0.535", metric: undefined });
});
