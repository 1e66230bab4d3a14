import { describe, expect, test } from "vitest";
import { lengthText, NM_PER_INCH, toNearestSixteenth } from "./length";

const inches = (value: number) => value * NM_PER_INCH;

describe("lengthText", () => {
  test.each([
    [90.5, `7'-6 1/2"`, `90 1/2"`],
    [84.5, `7'-0 1/2"`, `84 1/2"`],
    [92.625, `7'-8 5/8"`, `92 5/8"`],
    [0.75, `0'-0 3/4"`, `3/4"`],
    [0, `0'-0"`, `0"`],
    [-2, `-0'-2"`, `-2"`],
    [11.999, `1'-0"`, `12"`],
  ])("%f in.", (value, feet, plain) => {
    expect(lengthText(inches(value), "feet")).toBe(feet);
    expect(lengthText(inches(value), "inches")).toBe(plain);
  });
});

test("drags land on sixteenths", () => {
  expect(toNearestSixteenth(inches(10.03))).toBe(inches(10));
  expect(toNearestSixteenth(inches(10.04))).toBe(inches(10.0625));
});
