import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, test, vi } from "vitest";
import type { Schemas } from "../../../api/client";
import { NM_PER_INCH } from "../../../lib/length";
import { CrossingWalls } from "./CrossingWalls";
import { HeightFields } from "./HeightFields";
import { PlateFields } from "./PlateFields";
import { studChoices, studName } from "./studs";

afterEach(cleanup);

const frame: Schemas["AnsweredWallFrame"] = {
  name: "north",
  length: 144 * NM_PER_INCH,
  height: 97.125 * NM_PER_INCH,
  stud_species: "hem_fir",
  stud_grade: "stud",
  stud_depth: "four",
  spacing: 16 * NM_PER_INCH,
  plate_species: "hem_fir",
  framing: {} as Schemas["AnsweredFramingOptions"],
};

const options = (part: object) => part as Schemas["AnsweredFramingOptions"];

async function enter(label: string, text: string) {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value: text } });
  await act(async () => {
    fireEvent.keyDown(field, { key: "Enter" });
  });
}

describe("the height", () => {
  const shown = (height_by: object) => {
    const giveBy = vi.fn(async () => undefined);
    const change = vi.fn(async () => undefined);
    render(
      <HeightFields frame={{ ...frame, framing: options({ height_by }) }} change={change} giveBy={giveBy} />,
    );
    return { giveBy, change };
  };

  test("is over all plates until it is known otherwise", () => {
    const { giveBy } = shown({ by: "over_plates" });
    expect(screen.getByLabelText("Height over all plates")).toBeTruthy();
    fireEvent.change(screen.getByLabelText("The height is known"), { target: { value: "studs" } });
    expect(giveBy).toHaveBeenCalledWith({ by: "studs", length: 92.625 * NM_PER_INCH });
  });

  test("by precut studs is one tap", () => {
    const { giveBy } = shown({ by: "studs", length: 92.625 * NM_PER_INCH });
    expect(screen.getByRole("button", { name: "8 ft" }).getAttribute("aria-pressed")).toBe("true");
    fireEvent.click(screen.getByRole("button", { name: "9 ft" }));
    expect(giveBy).toHaveBeenCalledWith({ by: "studs", length: 104.625 * NM_PER_INCH });
  });

  test("of a room is measured at both ends", async () => {
    const room = { by: "room", left: 1, right: 2, clearance: 3 };
    const { giveBy } = shown(room);
    await enter("At the right end", "96 1/4");
    expect(giveBy).toHaveBeenCalledWith({ ...room, right: "96 1/4" });
  });

  test("of a rake may have a peak, which starts over its middle", () => {
    const rake = { by: "rake", left: 96 * NM_PER_INCH, right: 100 * NM_PER_INCH, peak: null };
    const { giveBy } = shown(rake);
    fireEvent.click(screen.getByRole("button", { name: "It has a peak: a gable" }));
    const peak = { at: 72 * NM_PER_INCH, height: 136 * NM_PER_INCH };
    expect(giveBy).toHaveBeenCalledWith({ ...rake, peak });
  });
});

describe("the plates", () => {
  test("lap with a wall of some depth, or end flush", () => {
    const change = vi.fn(async () => undefined);
    render(
      <PlateFields options={options({ left_lap: { how: "held_back", depth: "six" } })} change={change} />,
    );
    fireEvent.change(screen.getByLabelText("Second top plate, left end"), { target: { value: "runs_over" } });
    fireEvent.change(screen.getByLabelText("Second top plate, left end"), { target: { value: "flush" } });
    fireEvent.change(screen.getByLabelText("Second top plate, right end"), {
      target: { value: "held_back" },
    });
    expect(change.mock.calls).toEqual([
      [{ left_lap: { how: "runs_over", depth: "six" } }],
      [{ left_lap: { how: "flush" } }],
      [{ right_lap: { how: "held_back", depth: "four" } }],
    ]);
  });

  test("break where somebody says, and go back to the stock", async () => {
    const change = vi.fn(async () => undefined);
    render(<PlateFields options={options({ own_breaks: { lower: [], upper: [] } })} change={change} />);
    await enter("Lower plate breaks at", "8-0, 16-0");
    fireEvent.click(screen.getByRole("button", { name: "Placed by the stock" }));
    expect(change.mock.calls).toEqual([
      [{ own_breaks: { lower: ["8-0", "16-0"], upper: [] } }],
      [{ own_breaks: null }],
    ]);
  });
});

test("a crossing wall is kept once its place is typed, backed otherwise, and taken away", async () => {
  const change = vi.fn(async () => undefined);
  const wall = { at: 5, depth: "four" as const };
  render(<CrossingWalls options={options({ partitions: [wall] })} change={change} />);
  fireEvent.click(screen.getByRole("button", { name: "A wall meets it" }));
  expect(change).not.toHaveBeenCalled();
  await enter("Center of the new wall", "8-0");
  fireEvent.change(screen.getByLabelText("It is nailed to"), { target: { value: "ladder_blocks" } });
  fireEvent.click(screen.getByRole("button", { name: "Take it away" }));
  expect(change.mock.calls).toEqual([
    [{ partitions: [wall, { at: "8-0", depth: "four" }] }],
    [{ partitions: [{ ...wall, backing: "ladder_blocks" }] }],
    [{ partitions: [] }],
  ]);
});

test("studs are named as they are sawn", () => {
  expect(studName(frame)).toBe("2x4");
  expect(studName({ ...frame, framing: options({ sawn: "millimeters" }) })).toBe("90x45");
  expect(studChoices("inches").map((each) => each.label)).toEqual(["2x4", "2x6", "2x8"]);
});
