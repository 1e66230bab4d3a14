import { describe, expect, test } from "vitest";
import { typedNumber } from "./typedNumber";

describe("a number as people type it", () => {
  test.each([
    ["40", 40],
    [" 40 psf ", 40],
    ["40psf", 40],
    ["40 PSF", 40],
    ["12,5", 12.5],
    [".5", 0.5],
    ["-3", -3],
    ["", undefined],
    ["psf", undefined],
    ["40 kPa", undefined],
    ["forty", undefined],
    ["4 0", undefined],
    ["1.2.3", undefined],
  ])("%s", (text, value) => {
    expect(typedNumber(text, "psf")).toBe(value);
  });

  test.each([
    ["6/12", 6],
    ["6:12", 6],
    ["6 in 12", 6],
    ["4.5/12", 4.5],
    ["6", 6],
    ["6/10", undefined],
  ])("%s as a pitch", (text, value) => {
    expect(typedNumber(text, undefined, true)).toBe(value);
    if (text.includes("12")) expect(typedNumber(text, undefined)).toBeUndefined();
  });
});
