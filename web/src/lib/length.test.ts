import { describe, expect, test } from "vitest";
import { asTyped, lengthText, millimeterText, NM_PER_INCH, toNearestSixteenth } from "./length";

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

test.each([
  [1, "25.4"],
  [38, "965.2"],
  [1 / 16, "1.5875"],
  [1 / 64, "0.396875"],
  [0, "0"],
  [-2, "-50.8"],
])("%f in. are exact in millimeters", (value, text) => {
  expect(millimeterText(inches(value))).toBe(text);
});

test("only a bare number is taken for millimeters", () => {
  const typed = ["900", " 12,5 ", "3-0", "900 mm", "36 1/2", '90"', ""];
  expect(typed.map((text) => asTyped(text, "millimeters"))).toEqual([
    "900 mm",
    "12.5 mm",
    "3-0",
    "900 mm",
    "36 1/2",
    '90"',
    "",
  ]);
  expect(asTyped("900", "feet_and_inches")).toBe("900");
});
