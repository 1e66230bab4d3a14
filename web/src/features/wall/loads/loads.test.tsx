import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, expect, test } from "vitest";
import type { Wall } from "../../../api/client";
import { recordingEditing } from "../../../test/fixtures";
import { PointLoads } from "./PointLoads";

afterEach(cleanup);

const wall = { point_loads: [] } as unknown as Wall;

const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

async function press(name: string) {
  await act(async () => {
    fireEvent.click(screen.getByRole("button", { name }));
  });
}

test("a point load is kept when its place and pounds are typed, not before", async () => {
  const { asked, editing } = recordingEditing();
  render(<PointLoads wall={wall} wallId="wall" editing={editing} />);
  await press("Add a point load");
  expect(asked).toEqual([]);
  await press("Stand it on the wall");
  expect(screen.getByRole("alert").textContent).toContain("its place");
  type("Its place on the wall", "7-6");
  await press("Stand it on the wall");
  expect(screen.getByRole("alert").textContent).toContain("how heavy it is");
  type("Dead, lb", "much");
  await press("Stand it on the wall");
  expect(asked).toEqual([]);
  type("Dead, lb", "4000");
  await press("Stand it on the wall");
  expect(asked).toMatchObject([{ do: "add_point_load", load: { at: "7-6", dead: 4000, snow: 0 } }]);
  expect(screen.queryByLabelText("A new point load")).toBeNull();
});
