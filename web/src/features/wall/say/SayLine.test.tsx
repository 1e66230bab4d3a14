import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import type { Schemas } from "../../../api/client";
import { recordingEditing } from "../../../test/fixtures";
import { SayLine } from "./SayLine";
import { wanted } from "./wanted";

const design = {
  kind: "door",
  unit_width: 1,
  unit_height: 1,
  center: 1,
  sill: 0,
  place: "tight_to_plates",
  underside: "bare",
};

/** A server that understands "3068 door" and nothing else. */
function serve(request: Request | string | URL) {
  return Promise.resolve(request)
    .then((asked) => (asked as Request).json())
    .then(({ text }: { text: string }) => {
      const understood = text.startsWith("3068 door");
      const verbatim = (words: string) => ({ id: "verbatim", args: { text: { text: words } } });
      const body = understood
        ? {
            understood: verbatim("door 3'-0\" x 6'-8\""),
            designs: text.includes(" and ") ? [design, design] : [design],
          }
        : {
            designs: [],
            problem: verbatim(`"${text}" is not understood.`),
            at: { from: 2, to: 5 },
            takes: verbatim("Here it takes a size."),
          };
      return new Response(JSON.stringify(body), { headers: { "content-type": "application/json" } });
    });
}

beforeEach(() => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  vi.stubGlobal("fetch", vi.fn(serve));
});

afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

async function type(text: string) {
  fireEvent.change(screen.getByLabelText("Say an opening"), { target: { value: text } });
  await act(async () => {
    await vi.advanceTimersByTimeAsync(400);
  });
}

test("what was understood is shown before Enter, and what was not", async () => {
  render(<SayLine job="j" wall="w" editing={recordingEditing().editing} />);
  await type("3068 door @ 7-6");
  expect(screen.getByRole("status").textContent).toContain("door 3'-0\"");
  await type("umbrella");
  expect(screen.getByRole("status").textContent).toBe('"umbrella" is not understood. Here it takes a size.');
  // The word is marked where it stands.
  expect(screen.getByTestId("not-understood").lastChild?.textContent).toBe("bre");
});

test("several openings are one edit", async () => {
  const { asked, editing } = recordingEditing();
  render(<SayLine job="j" wall="w" editing={editing} />);
  await type("3068 door @ 4-0 and 3068 door @ 11-0");
  await act(async () => {
    fireEvent.submit(screen.getByRole("button", { name: "Add" }).closest("form") as HTMLFormElement);
    await vi.advanceTimersByTimeAsync(100);
  });
  const add = { do: "add_opening", wall: "w", opening: { design } };
  expect(asked).toMatchObject([{ do: "together", commands: [add, add] }]);
});

test("a wall keeps what was not said of it", () => {
  const frame = {
    length: 1,
    height: 2,
    stud_depth: "four",
    spacing: 16,
    framing: { height_by: { by: "studs" } },
  };
  const job = { walls: [{ id: "w", frame }] } as unknown as Schemas["Job"];
  const edit = (wall: object) => {
    const made = wanted({ designs: [], wall } as Schemas["SayView"], "w");
    return typeof made === "function" ? made(job) : made;
  };
  expect(edit({ length: 5 })).toMatchObject({ do: "change_wall", frame: { ...frame, length: 5 } });
  expect(edit({ height: 7, stud_depth: "six" })).toMatchObject({
    frame: { length: 1, height: 7, stud_depth: "six", framing: { height_by: { by: "over_plates" } } },
  });
  expect(wanted({ designs: [] }, "w")).toBeUndefined();
});

test("Enter adds what was understood and clears the line", async () => {
  const { asked, editing } = recordingEditing();
  render(<SayLine job="j" wall="w" editing={editing} />);
  await type("3068 door @ 7-6");
  await act(async () => {
    fireEvent.submit(screen.getByRole("button", { name: "Add" }).closest("form") as HTMLFormElement);
    await vi.advanceTimersByTimeAsync(100);
  });
  expect(asked).toMatchObject([{ do: "add_opening", wall: "w", opening: { design } }]);
  expect((screen.getByLabelText("Say an opening") as HTMLInputElement).value).toBe("");
});

test("a refused opening keeps the words", async () => {
  const problem = {
    type: "sturvek:invalid",
    status: 422,
    title: "no",
    detail: "The wall is full.",
    said: { id: "verbatim", args: { text: { text: "The wall is full." } } },
  };
  render(<SayLine job="j" wall="w" editing={recordingEditing(problem).editing} />);
  await type("3068 door @ 7-6");
  await act(async () => {
    fireEvent.submit(screen.getByRole("button", { name: "Add" }).closest("form") as HTMLFormElement);
    await vi.advanceTimersByTimeAsync(100);
  });
  expect(screen.getByRole("status").textContent).toBe("The wall is full.");
  expect((screen.getByLabelText("Say an opening") as HTMLInputElement).value).toBe("3068 door @ 7-6");
});
