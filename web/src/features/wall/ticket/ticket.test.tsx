import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import { afterEach, describe, expect, test, vi } from "vitest";
import type { Schemas } from "../../../api/client";
import { candidate, candidates, recordingEditing, ticket, verbatim } from "../../../test/fixtures";
import { BelowSection } from "./BelowSection";
import { CandidateList } from "./CandidateSection";
import { CautionSection } from "./CautionSection";
import { CutSection } from "./CutSection";
import { HeaderChecks } from "./HeaderChecks";
import { HeaderLine } from "./HeaderLine";
import { PackLines } from "./PackLines";
import { PackReasons } from "./PackReasons";
import { SchoolSection } from "./SchoolSection";
import { StackSection } from "./StackSection";
import { TicketHead } from "./TicketHead";
import { TicketPart } from "./TicketPart";
import { useParts } from "./useParts";

afterEach(() => {
  cleanup();
  sessionStorage.clear();
});

describe("the ticket", () => {
  test("says whether it holds in words, and reads its size aloud", () => {
    render(<TicketHead ticket={ticket()} />);
    expect(screen.getByTestId("verdict").textContent).toContain("Does not carry");
    expect(screen.getByText('82 1/2"')).toBeTruthy();
  });

  test("shows how hard each check works, and leaves out that it fits", () => {
    const show = vi.fn();
    render(<HeaderChecks ticket={ticket()} editing={recordingEditing().editing} showWorking={show} />);
    expect(screen.queryByText("width in the wall")).toBeNull();
    fireEvent.click(screen.getByRole("button", { name: /^bending/ }));
    expect(show).toHaveBeenCalledWith({ title: "check-under", about: `check-bending"` });
  });

  test("a hung header shows both ratios and the code's rule, and its nailing is confirmed in place", () => {
    const hung = {
      one_ply: 1.08,
      all_plies: 0.91,
      confirmed: false,
      code_span: null,
      nailing: { id: "nails-one-piece" },
    };
    const plain = ticket();
    const design = { options: {} };
    const now = { walls: [{ openings: [{ id: plain.id, design }] }] } as unknown as Schemas["Job"];
    const { asked, editing } = recordingEditing(undefined, now);
    const header = plain.header ? { ...plain.header, hung } : null;
    render(<HeaderChecks ticket={{ ...plain, header }} editing={editing} showWorking={() => undefined} />);
    expect(screen.getByText("108 %").closest("li")?.className).toContain("font-bold");
    expect(screen.getByText("91 %").closest("li")?.className).not.toContain("font-bold");
    expect(screen.getByText(/no answer/)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "It is nailed so" }));
    expect(asked).toMatchObject([{ do: "change_opening", design: { options: { nailing_confirmed: true } } }]);
  });

  test("what must stand below is said, and not where nothing stands", () => {
    render(
      <BelowSection ticket={ticket({ below: [verbatim("Two jacks, 2400 lb: solid blocks below.")] })} />,
    );
    expect(screen.getByLabelText("What must stand below").textContent).toContain("2400 lb");
    cleanup();
    render(<BelowSection ticket={ticket()} />);
    expect(screen.queryByLabelText("What must stand below")).toBeNull();
  });

  test("the caution about snow says what was computed", () => {
    render(<CautionSection ticket={ticket()} findings={[]} tryOut={() => undefined} />);
    expect(screen.getByText(/^Snow: even on roofs and open decks/)).toBeTruthy();
  });

  test("without a number there is no count", () => {
    const pack = { ...ticket().left_pack, jacks: null, kings: null, jack_reasons: [], king_reasons: [] };
    const asking = ticket({ has_numbers: false, left_pack: pack, right_pack: pack });
    render(<PackLines ticket={asking} editing={recordingEditing().editing} showWorking={() => undefined} />);
    expect(screen.getByText("no number yet")).toBeTruthy();
  });

  test("choosing a candidate, and going back to the school's", () => {
    const { asked, editing } = recordingEditing();
    render(<CandidateList ticket={ticket()} candidates={candidates()} reach={undefined} editing={editing} />);
    const rows = within(screen.getByRole("list", { name: "Header candidates" })).getAllByRole("button");
    expect(rows.map((row) => row.getAttribute("aria-pressed"))).toEqual(["true", "false"]);
    fireEvent.click(rows[1] as HTMLElement);
    fireEvent.click(screen.getByRole("button", { name: "Back to the school's" }));
    expect(asked).toMatchObject([
      { do: "choose_header", header: { plies: 2 } },
      { do: "choose_header", header: null },
    ]);
  });

  test("what does not carry is folded away, and opens with what fails", () => {
    const failing = Array.from({ length: 9 }, (_, index) =>
      candidate({ name: `2-2x${index}`, verdict: "does_not_carry", failures: [verbatim("bending")] }),
    );
    const many = [...failing, candidate({ in_place: true, best_at: ["cheapest"] })];
    render(
      <CandidateList
        ticket={ticket()}
        candidates={many}
        reach={undefined}
        editing={recordingEditing().editing}
      />,
    );
    const list = screen.getByRole("list", { name: "Header candidates" });
    expect(within(list).getAllByRole("listitem")).toHaveLength(1);
    fireEvent.click(screen.getByRole("button", { name: /^9 that do not carry/ }));
    expect(within(list).getAllByRole("listitem")).toHaveLength(10);
  });

  test("a rule that governs does not hide that calculation fails, and another school is one tap away", () => {
    const { asked, editing } = recordingEditing();
    render(<SchoolSection ticket={ticket()} editing={editing} />);
    expect(screen.getByText("governs").parentElement?.textContent).toContain("shop rule");
    expect(screen.getByText(/By calculation it does not carry/)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "Take this header" }));
    expect(asked).toMatchObject([{ do: "choose_header", header: { board: { nominal_depth: "ten" } } }]);
  });

  test("another count is only taken with its reason", async () => {
    const { asked, editing } = recordingEditing();
    render(<PackLines ticket={ticket()} editing={editing} showWorking={() => undefined} />);
    fireEvent.click(screen.getAllByRole("button", { name: "Decide" })[0] as HTMLElement);
    fireEvent.click(screen.getByRole("button", { name: "One jack more at the left end" }));
    expect(screen.getByRole("alert").textContent).toContain("Write why first");
    expect(asked).toEqual([]);
    fireEvent.change(screen.getByLabelText("Why so many jacks at the left end"), {
      target: { value: "as drawn" },
    });
    fireEvent.click(screen.getByRole("button", { name: "One jack more at the left end" }));
    expect(asked).toMatchObject([
      { do: "override_count", role: "jack", end: "left", decided: { count: 3, reason: "as drawn" } },
    ]);
  });

  test("alike ends are said once, others each; a count opens where it came from", () => {
    const show = vi.fn();
    const plain = ticket();
    const packs = (asked: Schemas["PackView"]) => (
      <PackLines
        ticket={{ ...plain, right_pack: asked }}
        editing={recordingEditing().editing}
        showWorking={show}
      />
    );
    const { rerender } = render(packs(plain.left_pack));
    fireEvent.click(screen.getByRole("button", { name: /each end\s*2 jacks, 1 king/ }));
    expect(show).toHaveBeenCalledWith({ title: "title-jacks", about: `"left"` });
    rerender(packs({ ...plain.left_pack, jacks: 3 }));
    expect(screen.getByText("Left and right are not alike.")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: /right end\s*3 jacks, 1 king/ }));
    expect(show).toHaveBeenLastCalledWith({ title: "title-jacks", about: `"right"` });
  });

  test("every reason for the jacks is told", () => {
    render(<PackReasons ticket={ticket()} />);
    expect(screen.getAllByText("header bearing")).toHaveLength(2);
  });

  test("the header's line says what it is cut to, and opens its working", () => {
    const show = vi.fn();
    render(<HeaderLine ticket={ticket()} showWorking={show} />);
    fireEvent.click(screen.getByRole("button", { name: /^Header.*cut / }));
    expect(show).toHaveBeenCalledOnce();
  });

  test("a part is made when it is opened, and stays open from opening to opening", () => {
    const made = vi.fn(() => "heights of the stack");
    function Whole() {
      const parts = useParts();
      return (
        <TicketPart name="heights" title="Heights" parts={parts}>
          {made}
        </TicketPart>
      );
    }
    const { rerender } = render(<Whole />);
    expect(made).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole("button", { name: "Heights", expanded: false }));
    rerender(<Whole />);
    expect(screen.getByText("heights of the stack")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "Heights", expanded: true }));
    expect(screen.queryByText("heights of the stack")).toBeNull();
  });

  test("the cut list and the heights; a length opens the heights", () => {
    const show = vi.fn();
    render(<CutSection ticket={ticket()} showHeights={show} />);
    fireEvent.click(screen.getByText("2 ×"));
    expect(show).toHaveBeenCalledOnce();
    render(<StackSection ticket={ticket()} />);
    const names = screen.getAllByRole("row").map((row) => row.textContent ?? "");
    const header = names.findIndex((name) => name.startsWith("header"));
    const opening = names.findIndex((name) => name.startsWith("rough opening"));
    expect(header).toBeLessThan(opening);
  });

  test("trouble comes with ways out, and the tool says what it is not", () => {
    const tight: Schemas["Command"] = { do: "remove_opening", opening: "x" };
    const tried: Schemas["Command"][] = [];
    const finding = {
      severity: "trouble" as const,
      code: "cripple-too-short",
      opening: "x",
      letter: "B",
      sentence: {
        id: "finding-cripple-too-short",
        args: { length: { length: 9_525_000 } },
      },
      ways_out: [
        { phrase: { id: "way-change-the-head-height" } },
        { phrase: { id: "way-tight-to-the-plates" }, does: tight },
      ],
    };
    render(
      <CautionSection ticket={ticket()} findings={[finding]} tryOut={(command) => tried.push(command)} />,
    );
    expect(screen.getByText(/B: Trouble/)).toBeTruthy();
    expect(screen.getByText(/would be 3\/8": too short/)).toBeTruthy();
    expect(screen.getByText(/Change the head height/)).toBeTruthy();
    // What one edit does is a button, which shows it first.
    fireEvent.click(screen.getByRole("button", { name: /Hang it tight to the plates/ }));
    expect(tried).toEqual([tight]);
    expect(screen.getByText(/A planning aid/)).toBeTruthy();
  });
});
