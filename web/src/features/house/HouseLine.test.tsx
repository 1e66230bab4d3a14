import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import type { Conflict, JobEditing } from "../../api/useJobEditing";
import { recordingEditing } from "../../test/fixtures";
import { HouseLine } from "./HouseLine";

const slab = { do: "change_ground", ground: { slab: true, soil: 1500, thick_slab_over: 3000 } };

/** A server that understands "slab" and nothing else. */
async function serve(request: Request | string | URL) {
  const { text }: { text: string } = await (request as Request).json();
  const verbatim = (words: string) => ({ id: "verbatim", args: { text: { text: words } } });
  const body =
    text === "slab"
      ? { understood: verbatim("On a slab."), commands: [slab] }
      : { commands: [], problem: verbatim(`"${text}" is not understood.`) };
  return new Response(JSON.stringify(body), { headers: { "content-type": "application/json" } });
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

const field = () => screen.getByLabelText("Say the house") as HTMLInputElement;

async function type(text: string) {
  fireEvent.change(field(), { target: { value: text } });
  await act(() => vi.advanceTimersByTimeAsync(400));
}

async function add() {
  await act(async () => {
    fireEvent.submit(screen.getByRole("button", { name: "Add" }).closest("form") as HTMLFormElement);
    await vi.advanceTimersByTimeAsync(100);
  });
}

const line = (editing: JobEditing) => <HouseLine job="j" empty={false} editing={editing} />;

test("what is understood is said back and kept as one edit", async () => {
  const { asked, editing } = recordingEditing();
  render(line(editing));
  await type("slab");
  expect(screen.getByRole("status").textContent).toBe("On a slab.");
  await add();
  expect(asked).toMatchObject([{ do: "together", commands: [slab] }]);
  expect(field().value).toBe("");
});

test("what is not understood stays and makes no edit", async () => {
  const { asked, editing } = recordingEditing();
  render(line(editing));
  await type("turret");
  await add();
  expect(screen.getByRole("status").textContent).toBe('"turret" is not understood.');
  expect([asked, field().value]).toEqual([[], "turret"]);
});

test("an edit that met another one and was dropped gives its words back", async () => {
  const { editing } = recordingEditing();
  const { rerender } = render(line(editing));
  await type("slab");
  await add();
  expect(field().value).toBe("");
  rerender(line({ ...editing, dropped: { command: slab, problem: {} } as unknown as Conflict }));
  expect(field().value).toBe("slab");
});
