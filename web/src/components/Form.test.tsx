import { act, cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, expect, test, vi } from "vitest";
import { NM_PER_INCH } from "../lib/length";
import type { Words } from "../speech/useSpeech";
import { renderFor } from "../test/speaking";
import { AllowedRanges, type InputName } from "./allowed";
import { Form, type FormField } from "./Form";

afterEach(cleanup);

interface Eave {
  readonly framing: string;
  readonly overhang: number | string;
  readonly dead: number;
  readonly runs_over?: boolean;
  readonly bay?: number | null;
}

const FIELDS: readonly FormField<Eave>[] = [
  {
    at: "framing",
    as: "choice",
    label: { id: "page-how-it-reaches-this-wall" },
    options: [
      { value: "trusses", label: { id: "page-trusses-wall-to-wall" } },
      { value: "parallel_to_wall", label: { id: "page-trusses-or-rafters-along-the-wall" } },
    ],
    otherwise: "trusses",
  },
  { at: "overhang", as: "length", label: { id: "page-overhang" }, input: "overhang" },
  { at: "dead", as: "number", whole: true, label: { id: "page-roof-dead" }, input: "roof-dead" },
  { at: "runs_over", as: "yes_or_no", label: { id: "page-the-beam-runs-over-it-in-one" } },
  {
    at: "bay",
    as: "maybe_length",
    label: { id: "page-between-trusses" },
    when: (eave) => eave.framing === "parallel_to_wall",
  },
];

const eave: Eave = { framing: "trusses", overhang: 24 * NM_PER_INCH, dead: 10 };

function shown(value: Eave, refusal?: Words) {
  const change = vi.fn(async (_: Partial<Eave>) => refusal);
  const ranges = new Map<InputName, { id: string; args: Record<string, never> }>([
    ["roof-dead", { id: "page-nothing", args: {} }],
  ]);
  renderFor(
    { units: "feet_and_inches" },
    <AllowedRanges value={ranges}>
      <Form value={value} fields={FIELDS} change={change} />
    </AllowedRanges>,
  );
  return change;
}

async function type(label: RegExp, text: string) {
  const field = screen.getByLabelText(label);
  await act(async () => {
    fireEvent.change(field, { target: { value: text } });
    fireEvent.blur(field);
  });
}

test("each field changes its own part of the thing and nothing else", async () => {
  const change = shown(eave);
  await type(/overhang/i, "18");
  await type(/roof dead/i, "12.4");
  await act(async () => {
    fireEvent.change(screen.getByLabelText(/the beam runs over/i), { target: { value: "yes" } });
    fireEvent.change(screen.getByLabelText(/how it reaches/i), { target: { value: "parallel_to_wall" } });
  });
  expect(change.mock.calls.map(([part]) => part)).toEqual([
    { overhang: "18" },
    { dead: 12 },
    { runs_over: true },
    { framing: "parallel_to_wall" },
  ]);
});

test("what depends on another answer is asked only then", () => {
  shown(eave);
  expect(screen.queryByLabelText(/between trusses/i)).toBeNull();
  cleanup();
  shown({ ...eave, framing: "parallel_to_wall" });
  expect(screen.queryByLabelText(/between trusses/i)).not.toBeNull();
});

test("what a figure may be is told to whoever types it, and so is a refusal", async () => {
  shown(eave, "Too heavy.");
  const field = screen.getByLabelText(/roof dead/i);
  const told = () =>
    (field.getAttribute("aria-describedby") ?? "")
      .split(" ")
      .map((id) => document.getElementById(id)?.textContent);
  expect(told()).toEqual(["nothing"]);
  await type(/roof dead/i, "900");
  expect(told()).toEqual(["Too heavy.", "nothing"]);
  expect(screen.getByLabelText(/overhang/i).getAttribute("aria-describedby")).toBeNull();
});
