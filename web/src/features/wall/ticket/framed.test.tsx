import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, test } from "vitest";
import type { Schemas } from "../../../api/client";
import { NM_PER_INCH } from "../../../lib/length";
import { recordingEditing, ticket } from "../../../test/fixtures";
import { renderFor } from "../../../test/speaking";
import { AssemblySection } from "./AssemblySection";
import { FramedSection } from "./FramedSection";

afterEach(() => {
  cleanup();
  localStorage.clear();
});

const nothing: Schemas["ChangesView"] = { out: [], new: [], struck: [], made: [] };
const piece = (inches: number): Schemas["PieceView"] => ({
  role: "sill",
  count: 1,
  length: inches * NM_PER_INCH,
  stock: "2x4",
  minded: "nothing",
});
const mark = (label: string, at: number): Schemas["Mark"] => ({
  label,
  at: at * NM_PER_INCH,
  at_on_top: at * NM_PER_INCH,
  width: 1,
  on: "both",
  kind: "king",
});

describe("an opening that is framed", () => {
  test("is marked with what it is at the time", () => {
    const { editing } = recordingEditing();
    let asked: unknown;
    const design = { kind: "door", center: 5 };
    const job = {
      walls: [{ openings: [{ id: ticket().id, design, kings_left: { count: 2, reason: "as drawn" } }] }],
    };
    const run: typeof editing.run = async (edit) => {
      asked = typeof edit === "function" ? edit(job as never) : edit;
      return undefined;
    };
    render(<FramedSection legend={[]} ticket={ticket()} editing={{ ...editing, run }} />);
    fireEvent.click(screen.getByRole("button", { name: "It is framed like this" }));
    expect(asked).toMatchObject({
      do: "mark_framed",
      opening: ticket().id,
      framed: { design, kings_left: { count: 2 } },
    });
  });

  test("says that nothing changed", () => {
    render(
      <FramedSection
        legend={[]}
        ticket={ticket({ changes: nothing })}
        editing={recordingEditing().editing}
      />,
    );
    expect(screen.getByText("Nothing changed.")).toBeTruthy();
    expect(screen.queryByRole("button", { name: "It is framed like this now" })).toBeNull();
  });

  test("says what comes out, what goes in, and which marks move", () => {
    const changes = {
      ...nothing,
      header_before: { name: "2-2x8", length: 41 * NM_PER_INCH },
      out: [piece(36.5)],
      new: [piece(38.5)],
      struck: [mark("K", 50)],
      made: [mark("K", 49)],
    };
    const { asked, editing } = recordingEditing();
    render(<FramedSection legend={[]} ticket={ticket({ changes })} editing={editing} />);
    const text = screen.getByRole("region", { name: "Since it was framed" }).textContent ?? "";
    expect(text).toMatch(/2-2x8.*becomes none/s);
    expect(text).toMatch(/Take out.*36 1\/2.*Put in.*38 1\/2.*Strike the marks.*4'-2.*Mark anew.*4'-1/s);
    fireEvent.click(screen.getByRole("button", { name: "It is not framed" }));
    expect(asked).toEqual([{ do: "mark_framed", opening: ticket().id, framed: null }]);
  });
});

test("the order of assembly is told in the user's words, nails and their source beside each joint", () => {
  renderFor({ vocabulary: "lintel" }, <AssemblySection ticket={ticket()} />);
  const steps = screen.getAllByRole("listitem").map((item) => item.textContent);
  expect(steps[0]).toBe(
    "Nail the first full-height stud of each end to bottom plate and top plate, on its K.",
  );
  expect(steps[1]).toContain("Set the lintel on the jamb studs,");
  expect(steps[2]).toContain("jamb stud to full-height stud");
  expect(steps[2]).toContain("common practice, no source");
});
