import { renderHook } from "@testing-library/react";
import { expect, test } from "vitest";
import { useSteady } from "./useSteady";

test("it stays the same function and does what the newest one does", () => {
  const { result, rerender } = renderHook(({ by }) => useSteady((value: number) => value * by), {
    initialProps: { by: 2 },
  });
  const first = result.current;
  expect(first(4)).toBe(8);
  rerender({ by: 3 });
  expect(result.current).toBe(first);
  expect(first(4)).toBe(12);
});
