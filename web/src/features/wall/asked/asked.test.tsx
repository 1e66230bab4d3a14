import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, test, vi } from "vitest";
import type { Schemas, Settings } from "../../../api/client";
import { recordingEditing, ticket } from "../../../test/fixtures";
import { say } from "../../../test/speaking";
import { AskedSection } from "./AskedSection";
import { snowLabel, snowSaid } from "./snow";

afterEach(cleanup);

const WALL = "00000000-0000-0000-0000-000000000001";

const settings = { snow: 30, snow_said: "not_said", wind_said: "not_said" } as Settings;

const carrying = (...what: object[]) =>
  what.map((each) => ({ what: each })) as unknown as Schemas["AnsweredCarriedItem"][];

const job = (items: Schemas["AnsweredCarriedItem"][]) =>
  ({ settings, walls: [{ id: WALL, carries: { items } }] }) as unknown as Schemas["Job"];

function asked(question: Schemas["Question"], items: Schemas["AnsweredCarriedItem"][] = []) {
  const recording = recordingEditing(undefined, job(items));
  const openLoads = vi.fn();
  const asking = ticket({
    asked: [{ question, words: { id: "asked-snow" }, sentence: { id: "asked-snow-why" } }],
  });
  render(
    <AskedSection
      ticket={asking}
      wall={WALL}
      settings={settings}
      editing={recording.editing}
      openLoads={openLoads}
    />,
  );
  return { commands: recording.asked, openLoads };
}

async function press(name: string) {
  await act(async () => {
    fireEvent.click(screen.getByRole("button", { name }));
  });
}

describe("what an opening uses and nobody said", () => {
  test("is asked for in its place, and a figure that nobody said is not shown as if it were", async () => {
    const { commands } = asked("snow");
    const field = screen.getByLabelText(/^Ground snow, allowable/) as HTMLInputElement;
    expect(field.value).toBe("");
    fireEvent.change(field, { target: { value: "45" } });
    await act(async () => {
      fireEvent.keyDown(field, { key: "Enter" });
    });
    expect(commands).toMatchObject([{ do: "change_settings", settings: { snow: 45, snow_said: "said" } }]);
  });

  test("nothing is asked where everything was said", () => {
    const { editing } = recordingEditing();
    const view = render(
      <AskedSection
        ticket={ticket()}
        wall={WALL}
        settings={settings}
        editing={editing}
        openLoads={() => undefined}
      />,
    );
    expect(view.container.innerHTML).toBe("");
  });

  test("a tail that nothing stands on is said of the floors that nobody said it of", async () => {
    const tail = (tail: string) => ({ kind: "floor", tail });
    const { commands } = asked("tail", carrying(tail("not_said"), tail("loaded"), { kind: "roof" }));
    await press("Nothing stands on it");
    expect(commands).toMatchObject([
      {
        do: "change_carries",
        carries: {
          items: [{ what: { tail: "free" } }, { what: { tail: "loaded" } }, { what: { kind: "roof" } }],
        },
      },
    ]);
  });

  test("the wall between floor and roof is added, or the roof lands here", async () => {
    const { commands, openLoads } = asked("wall_between", carrying({ kind: "floor" }));
    await press("Add the wall between");
    expect(openLoads).toHaveBeenCalledOnce();
    await press("The roof lands on this wall");
    expect(commands).toMatchObject([{ carries: { items: [{ what: { no_wall_above: true } }] } }]);
  });

  test("openings above that are said already stay", async () => {
    const at = { are: "at", places: [] };
    const { commands } = asked(
      "openings_above",
      carrying({ kind: "wall_above", openings_above: at }, { kind: "wall_above" }),
    );
    await press("None over this wall's openings");
    expect(commands).toMatchObject([
      {
        carries: { items: [{ what: { openings_above: at } }, { what: { openings_above: { are: "none" } } }] },
      },
    ]);
  });
});

test("the snow's label says which figure it is", () => {
  const label = (part: Partial<Settings>) => say(snowLabel({ ...settings, ...part }));
  expect(label({})).toBe("Ground snow, allowable");
  expect(label({ snow_edition: "asce7_from22" })).toBe("Ground snow, 7-22 map value");
  expect(label({ snow_basis: "roof", snow_edition: "asce7_from22" })).toBe("Roof snow, my own, allowable");
  expect(snowSaid(settings)).toBeUndefined();
  expect(snowSaid({ ...settings, snow_said: "assumed_before" })).toBe(30);
});
