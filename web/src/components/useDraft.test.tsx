import { act, renderHook } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import type { Words } from "../speech/useSpeech";
import { useDraft } from "./useDraft";

type Save = (text: string) => Promise<Words | undefined>;

function draft(save: Save) {
  return renderHook(({ value }) => useDraft(value, save), { initialProps: { value: "7'-6\"" } });
}

test("what is typed survives a change of the value from elsewhere", () => {
  const { result, rerender } = draft(async () => undefined);
  act(() => result.current.setText("8-"));
  rerender({ value: "7'-7\"" });
  expect(result.current.text).toBe("8-");
  act(() => result.current.revert());
  expect(result.current.text).toBe("7'-7\"");
});

test("a refusal is shown and the text stays", async () => {
  const { result } = draft(async () => "too wide");
  act(() => result.current.setText("900"));
  await act(async () => result.current.commit());
  expect([result.current.text, result.current.problem]).toEqual(["900", "too wide"]);
});

test("what is accepted is shown as it is kept", async () => {
  vi.useFakeTimers();
  const { result, rerender } = draft(async () => undefined);
  act(() => result.current.setText("8-0"));
  await act(async () => result.current.commit());
  rerender({ value: "8'-0\"" });
  act(() => vi.advanceTimersByTime(500));
  expect(result.current.text).toBe("8'-0\"");
  vi.useRealTimers();
});

test("nothing is saved that was not typed", () => {
  const save = vi.fn<Save>(async () => undefined);
  const { result } = draft(save);
  act(() => result.current.commit());
  expect(save).not.toHaveBeenCalled();
});
