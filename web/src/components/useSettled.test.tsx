import { act, cleanup, renderHook } from "@testing-library/react";
import { afterEach, expect, test, vi } from "vitest";
import { useSettled } from "./useSettled";

afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

test("a value that keeps changing is taken once it rests", () => {
  vi.useFakeTimers();
  const { result, rerender } = renderHook(({ value }) => useSettled(value, 400), {
    initialProps: { value: 1 },
  });
  rerender({ value: 2 });
  act(() => vi.advanceTimersByTime(300));
  rerender({ value: 3 });
  act(() => vi.advanceTimersByTime(300));
  expect(result.current).toBe(1);
  act(() => vi.advanceTimersByTime(100));
  expect(result.current).toBe(3);
});
