import { fireEvent, render, screen } from "@testing-library/react";
import { expect, test } from "vitest";
import type { Command } from "./commands";
import { useCommandKeys } from "./useWallCommands";

test("a list keeps letters and signs for itself, and leaves Ctrl+Z to the page; a field keeps both", () => {
  const ran: string[] = [];
  const command = (name: string, keys: Command["keys"]): Command => ({
    name,
    label: { id: "page-keys" },
    keys,
    enabled: true,
    run: () => ran.push(name),
  });
  const commands = [
    command("undo", { key: "z", control: true, shift: false }),
    command("help", { key: "?" }),
  ];
  function Page() {
    useCommandKeys(commands);
    return (
      <>
        <select aria-label="list" />
        <input aria-label="field" />
      </>
    );
  }
  render(<Page />);
  for (const place of [screen.getByLabelText("list"), screen.getByLabelText("field"), document.body]) {
    fireEvent.keyDown(place, { key: "z", ctrlKey: true });
    fireEvent.keyDown(place, { key: "?" });
  }
  expect(ran).toEqual(["undo", "undo", "help"]);
});
