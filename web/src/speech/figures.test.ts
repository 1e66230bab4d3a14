import { expect, test } from "vitest";
import cases from "../../../crates/speech/tests/figures.json";
import results from "../../../crates/speech/tests/results.json";
import { type QuantityUnit, resultIn } from "./figures";
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

test.each(SYSTEMS)("results of the working in %s are written as they are printed", (system, units) => {
  for (const { value, unit, ...wanted } of results) {
    expect(resultIn(units, value, unit as QuantityUnit)).toBe(wanted[system]);
  }
});
