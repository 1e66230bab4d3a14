import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, expect, test, vi } from "vitest";
import { WindFields } from "./WindFields";

afterEach(cleanup);

async function press(name: string) {
  await act(async () => {
    fireEvent.click(screen.getByRole("button", { name }));
  });
}

const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

test("a wind counts when its speed, height and exposure are said, not when it is looked at", async () => {
  const change = vi.fn(async () => undefined);
  render(<WindFields wind={{ by: "code_table" }} said={false} change={change} />);
  await press("Wind speed");
  await press("Use this wind");
  expect(screen.getByRole("alert").textContent).toContain("wind speed");
  type("Basic wind speed, mph", "120");
  type("Mean roof height", "18'");
  await press("Use this wind");
  expect(screen.getByRole("alert").textContent).toContain("exposure");
  expect(change).not.toHaveBeenCalled();
  await press("C: open");
  await press("Use this wind");
  expect(change).toHaveBeenCalledWith({
    by: "speed",
    miles_per_hour: 120,
    exposure: "c",
    mean_roof_height: "18'",
  });
});

test("leaving it to the code's count is said at once, and shown as said only then", async () => {
  const change = vi.fn(async () => undefined);
  render(<WindFields wind={{ by: "code_table" }} said={false} change={change} />);
  const button = screen.getByRole("button", { name: "Code's count only" });
  expect(button.getAttribute("aria-pressed")).toBe("false");
  await press("Code's count only");
  expect(change).toHaveBeenCalledWith({ by: "code_table" });
});
