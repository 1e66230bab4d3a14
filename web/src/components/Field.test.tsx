import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, expect, test, vi } from "vitest";
import { NM_PER_INCH } from "../lib/length";
import { renderFor } from "../test/speaking";
import { ChoiceRow, LengthField, LengthsField, MaybeLengthField, NumberField } from "./Field";

afterEach(() => {
  cleanup();
  localStorage.clear();
});

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

test("in millimeters a bare number is millimeters; whatever else is typed is left as it is", async () => {
  const save = vi.fn(async () => undefined);
  renderFor({ units: "millimeters" }, <LengthField label="Center" length={90 * NM_PER_INCH} save={save} />);
  expect((screen.getByLabelText("Center") as HTMLInputElement).value).toBe("2286 mm");
  await enter("Center", "2300");
  await enter("Center", "7-6");
  await enter("Center", "2300,5");
  expect(save.mock.calls).toEqual([["2300 mm"], ["7-6"], ["2300.5 mm"]]);
});

test("a length that may be left empty is sent as nothing", async () => {
  const save = vi.fn(async () => undefined);
  render(<MaybeLengthField label="Up to" length={60 * NM_PER_INCH} save={save} />);
  await enter("Up to", " ");
  expect(save).toHaveBeenCalledWith(null);
});

test("several lengths stand in one field", async () => {
  const save = vi.fn(async () => undefined);
  render(<LengthsField label="Bolts" lengths={[12 * NM_PER_INCH, 60.5 * NM_PER_INCH]} save={save} />);
  expect((screen.getByLabelText("Bolts") as HTMLInputElement).value).toBe(`1'-0", 5'-0 1/2"`);
  await enter("Bolts", "1-0, 5-6 ; , 9-0");
  expect(save).toHaveBeenCalledWith(["1-0", "5-6", "9-0"]);
});
