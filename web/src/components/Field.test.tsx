import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, expect, test, vi } from "vitest";
import { NM_PER_INCH } from "../lib/length";
import { ChoiceRow, LengthField, NumberField } from "./Field";

afterEach(cleanup);

const enter = async (label: string, text: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value: text } });
  await act(async () => {
    fireEvent.keyDown(field, { key: "Enter" });
  });
  return field as HTMLInputElement;
};

test("a length is shown as written on site and sent as typed", async () => {
  const save = vi.fn(async () => undefined);
  render(<LengthField label="Center" length={90.5 * NM_PER_INCH} save={save} />);
  expect((screen.getByLabelText("Center") as HTMLInputElement).value).toBe(`7'-6 1/2"`);
  await enter("Center", "8-0");
  expect(save).toHaveBeenCalledWith("8-0");
});

test("what is wrong stands under the field, tied to it", async () => {
  render(<LengthField label="Sill" length={0} save={async () => "The sill height is 99'."} />);
  const field = await enter("Sill", "99'");
  expect(screen.getByRole("alert").textContent).toContain("99'");
  expect(field.getAttribute("aria-invalid")).toBe("true");
  expect(field.getAttribute("aria-describedby")).toBe(screen.getByRole("alert").id);
  expect(field.value).toBe("99'");
});

test("a number field takes numbers only", async () => {
  const save = vi.fn(async () => undefined);
  render(<NumberField label="Snow" number={30} save={save} />);
  await enter("Snow", "much");
  expect(screen.getByRole("alert").textContent).toBe('"much" is not a number.');
  await enter("Snow", "42,5");
  expect(save).toHaveBeenCalledExactlyOnceWith(42.5);
});

test("one of a few is pressed", () => {
  const choose = vi.fn();
  const options = [
    { value: "bare", label: "Bare" },
    { value: "nailer", label: "Flat nailer" },
  ] as const;
  render(<ChoiceRow label="Underside" value="bare" options={options} choose={choose} />);
  expect(screen.getByRole("button", { name: "Bare" }).getAttribute("aria-pressed")).toBe("true");
  fireEvent.click(screen.getByRole("button", { name: "Flat nailer" }));
  expect(choose).toHaveBeenCalledWith("nailer");
});
