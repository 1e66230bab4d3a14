import { describe, expect, test } from "vitest";
import { pixelsPerFoot, type Room, zooms } from "./zoom";

const room = (part: Partial<Room>): Room => ({ width: 640, height: 400, feetLong: 12, feetHigh: 8, ...part });

describe("how large a wall is drawn", () => {
  test("a short wall fills its place", () => {
    expect(pixelsPerFoot("read", room({}))).toBe(50);
    expect(pixelsPerFoot("read", room({ feetLong: 14 }))).toBeCloseTo(640 / 14);
    expect(zooms(room({ feetLong: 14 }))).toEqual(["read", "close"]);
  });

  test("a long one is drawn to be read and scrolls, or is seen whole", () => {
    const long = room({ feetLong: 60 });
    expect(pixelsPerFoot("read", long) * long.feetHigh).toBeGreaterThanOrEqual(320);
    expect(pixelsPerFoot("whole", long)).toBeCloseTo(640 / 60);
    expect(zooms(long)).toEqual(["whole", "read", "close"]);
    expect(pixelsPerFoot("whole", room({ feetLong: 200 }))).toBe(9);
  });

  test("a high one fits the height, a low one is not drawn over it", () => {
    expect(pixelsPerFoot("read", room({ feetHigh: 20 }))).toBe(20);
    expect(pixelsPerFoot("read", room({ feetHigh: 4, feetLong: 4 }))).toBe(100);
  });

  test("where there is hardly any height it is still read", () => {
    expect(pixelsPerFoot("read", room({ height: 60 }))).toBe(40);
  });

  test("close up is closer", () => {
    expect(pixelsPerFoot("close", room({}))).toBeGreaterThan(1.5 * pixelsPerFoot("read", room({})));
  });
});
