import { useEffect, useRef } from "react";
import type { JobView } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import type { Phrase } from "../../../speech/voice";
import { type Command, commandFor } from "./commands";

interface Doing {
  readonly view: JobView;
  readonly editing: Pick<JobEditing, "undo" | "redo">;
  readonly sayOpening: () => void;
  readonly help: () => void;
}

/** All that a wall's page can do by name: its buttons, its keys and its help sheet come from here. */
export function wallCommands({ view, editing, sayOpening, help }: Doing) {
  return {
    sayOpening: command("say-opening", { id: "page-say-an-opening" }, { key: "/" }, sayOpening),
    undo: {
      ...command(
        "undo",
        { id: "page-undo" },
        { key: "z", control: true, shift: false },
        () => void editing.undo(),
      ),
      hint: view.can_undo ? what("page-undo-what", view.can_undo) : { id: "page-nothing-to-undo" },
      enabled: view.can_undo != null,
    },
    redo: {
      ...command(
        "redo",
        { id: "page-redo" },
        { key: "z", control: true, shift: true },
        () => void editing.redo(),
      ),
      hint: view.can_redo ? what("page-redo-what", view.can_redo) : { id: "page-nothing-to-redo" },
      enabled: view.can_redo != null,
    },
    help: command("help", { id: "page-keys" }, { key: "?" }, help),
  };
}

function command(name: string, label: Phrase, keys: Command["keys"], run: () => void): Command {
  return { name, label, keys, enabled: true, run };
}

function what(id: string, phrase: Phrase): Phrase {
  return { id, args: { what: { phrase } } };
}

/** What has its own use for keys; a list takes letters and signs, but leaves Ctrl+Z to the page. */
const TYPED_IN = "input, textarea, dialog";

/** Runs the command whose keys are pressed, where no field wants them. */
export function useCommandKeys(commands: readonly Command[]) {
  const latest = useRef(commands);
  latest.current = commands;
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const fields = event.ctrlKey || event.metaKey ? TYPED_IN : `${TYPED_IN}, select`;
      const typing = event.target instanceof HTMLElement && event.target.closest(fields);
      const wanted = typing ? undefined : commandFor(latest.current, event);
      if (!wanted) return;
      event.preventDefault();
      wanted.run();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, []);
}
