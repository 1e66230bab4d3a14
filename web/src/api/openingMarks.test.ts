import { beforeEach, describe, expect, it } from "vitest";
import type { Schemas } from "./client";
import { type Mark, marked, withMarks } from "./openingMarks";

type Step = Schemas["StepView"];

const step = (name: string, state: Step["state"], can_be_forced = true): Step => ({
  step: name,
  words: { id: name },
  details: [],
  state,
  can_be_forced,
  did_not_count: [],
  says: "00000000-0000-4000-8000-000000000000",
});
const view: Schemas["OpeningOrderView"] = {
  wall: "Middle",
  planned: {
    lower: null,
    upper: null,
    plies: 1,
    rows: 1,
    header: null,
    joists: null,
    floors_cleared: false,
    no_snow: false,
  },
  steps: [
    step("permit", "done"),
    step("services", "open"),
    step("temporary_below", "void"),
    step("temporary_stand", "shut", false),
    step("take_down", "shut"),
  ],
};
const listed = (...marks: readonly Mark[]) =>
  withMarks(
    view,
    marks.map((mark) => marked(mark)),
  ).steps.map(({ step, state }) => `${step} ${state}`);

describe("the order with what has not arrived yet", () => {
  beforeEach(() => localStorage.clear());

  it("opens the next step that is not void", () => {
    expect(listed({ do: "done", step: "services" })).toEqual([
      "permit done",
      "services done",
      "temporary_below void",
      "temporary_stand open",
      "take_down shut",
    ]);
  });

  it("leaves what is shut and what is never gone past as it is", () => {
    expect(listed({ do: "done", step: "take_down" })).toEqual(listed());
    const past = { do: "forced", step: "temporary_stand", why: "late" } as const;
    expect(listed({ do: "done", step: "services" }, past)).toEqual(listed({ do: "done", step: "services" }));
  });

  it("takes back, and shuts what comes after", () => {
    expect(listed({ do: "taken_back", step: "permit" }).slice(0, 2)).toEqual([
      "permit open",
      "services shut",
    ]);
  });

  it("adds a step after another", () => {
    const id = crypto.randomUUID();
    expect(listed({ do: "added", id, after: "permit", text: "Move the piano" }).slice(1, 3)).toEqual([
      `added.${id} open`,
      "services shut",
    ]);
  });
});
