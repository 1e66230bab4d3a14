import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import { afterEach, describe, expect, test, vi } from "vitest";
import type { Schemas } from "../../../api/client";
import { candidate, candidates, recordingEditing, ticket, verbatim } from "../../../test/fixtures";
import { BelowSection } from "./BelowSection";
import { CandidateList } from "./CandidateSection";
import { CautionSection } from "./CautionSection";
import { CutSection } from "./CutSection";
import { HeaderSection } from "./HeaderSection";
import { PackSection } from "./PackSection";
import { SchoolSection } from "./SchoolSection";
import { StackSection } from "./StackSection";
import { TicketHead } from "./TicketHead";

afterEach(cleanup);

describe("the ticket", () => {
  test("says whether it holds in words, and reads its size aloud", () => {
    render(<TicketHead ticket={ticket()} />);
    expect(screen.getByTestId("verdict").textContent).toContain("Does not carry");
    expect(screen.getByText('82 1/2"')).toBeTruthy();
  });

  test("shows how hard each check works, and leaves out that it fits", () => {
    const show = vi.fn();
    render(<HeaderSection ticket={ticket()} editing={recordingEditing().editing} showWorking={show} />);
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
    render(<HeaderSection ticket={{ ...plain, header }} editing={editing} showWorking={() => undefined} />);
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
    render(
      <PackSection ticket={asking} editing={recordingEditing().editing} showWorking={() => undefined} />,
    );
    expect(screen.getAllByText("no number yet")).toHaveLength(2);
  });

  test("choosing a candidate, and going back to the school's", () => {
    const { asked, editing } = recordingEditing();
    render(<CandidateList ticket={ticket()} candidates={candidates()} editing={editing} />);
    const rows = within(screen.getByRole("list", { name: "Header candidates" })).getAllByRole("button");
    expect(rows.map((row) => row.getAttribute("aria-pressed"))).toEqual(["true", "false"]);
    fireEvent.click(rows[1] as HTMLElement);
    fireEvent.click(screen.getByRole("button", { name: "Back to the school's" }));
    expect(asked).toMatchObject([
      { do: "choose_header", header: { plies: 2 } },
      { do: "choose_header", header: null },
    ]);
  });

  test("a long stock is cut to what helps deciding, and opens whole", () => {
    const failing = Array.from({ length: 9 }, (_, index) =>
      candidate({ name: `2-2x${index}`, verdict: "does_not_carry", failures: [verbatim("bending")] }),
    );
    const many = [...failing, candidate({ in_place: true, best_at: ["cheapest"] })];
    render(<CandidateList ticket={ticket()} candidates={many} editing={recordingEditing().editing} />);
    const list = screen.getByRole("list", { name: "Header candidates" });
    expect(within(list).getAllByRole("listitem")).toHaveLength(3);
    fireEvent.click(screen.getByRole("button", { name: /All 10 in stock/ }));
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
    render(<PackSection ticket={ticket()} editing={editing} showWorking={() => undefined} />);
    fireEvent.click(screen.getAllByRole("button", { name: "Decide" })[0] as HTMLElement);
    fireEvent.click(screen.getByRole("button", { name: "One jack more" }));
    expect(screen.getByRole("alert").textContent).toContain("Write why first");
    expect(asked).toEqual([]);
    fireEvent.change(screen.getByLabelText("Why so many jacks at the left end"), {
      target: { value: "as drawn" },
    });
    fireEvent.click(screen.getByRole("button", { name: "One jack more" }));
    expect(asked).toMatchObject([
      { do: "override_count", role: "jack", end: "left", decided: { count: 3, reason: "as drawn" } },
    ]);
  });

  test("every reason for the jacks stands beside the number", () => {
    render(
      <PackSection ticket={ticket()} editing={recordingEditing().editing} showWorking={() => undefined} />,
    );
    expect(screen.getAllByText("header bearing")).toHaveLength(2);
    expect(screen.getAllByText("2 jacks, 1 king")).toHaveLength(2);
  });

  test("the cut list and the heights", () => {
    render(<CutSection ticket={ticket()} />);
    render(<StackSection ticket={ticket()} />);
    expect(screen.getByText("2 ×")).toBeTruthy();
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
