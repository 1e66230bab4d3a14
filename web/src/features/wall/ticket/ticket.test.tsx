import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import { afterEach, describe, expect, test, vi } from "vitest";
import { candidate, recordingEditing, ticket } from "../../../test/fixtures";
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
    expect(show).toHaveBeenCalledWith("bending");
  });

  test("choosing a candidate, and going back to the school's", () => {
    const { asked, editing } = recordingEditing();
    render(<HeaderSection ticket={ticket()} editing={editing} showWorking={() => undefined} />);
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
      candidate({ name: `2-2x${index}`, verdict: "does_not_carry", failures: ["bending"] }),
    );
    const many = ticket({ candidates: [...failing, candidate({ in_place: true, best_at: ["cheapest"] })] });
    render(
      <HeaderSection ticket={many} editing={recordingEditing().editing} showWorking={() => undefined} />,
    );
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
    const finding = {
      severity: "trouble" as const,
      opening: "x",
      letter: "B",
      sentence: 'The cripple over the header would be 3/8": too short to nail.',
      ways_out: ["Change the head height."],
    };
    render(<CautionSection findings={[finding]} />);
    expect(screen.getByText(/B: trouble/)).toBeTruthy();
    expect(screen.getByText(/Change the head height/)).toBeTruthy();
    expect(screen.getByText(/A planning aid/)).toBeTruthy();
  });
});
