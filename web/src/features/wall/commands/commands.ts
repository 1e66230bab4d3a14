import type { OpeningView } from "../../../api/client";
import type { Phrase } from "../../../speech/voice";

/** Keys pressed together. Without `shift` it does not matter whether Shift is down: some letters need it. */
export interface Keys {
  readonly key: string;
  readonly control?: boolean;
  readonly shift?: boolean;
}

/** Something that can be done here and now, from a button or a key. */
export interface Command {
  readonly name: string;
  readonly label: Phrase;
  /** What it would do now, or why it would do nothing. */
  readonly hint?: Phrase;
  readonly keys: Keys;
  readonly enabled: boolean;
  readonly run: () => void;
}

/** Something that can be done by key to the opening that has the focus. */
export interface OpeningCommand {
  readonly name: string;
  readonly label: Phrase;
  readonly presses: readonly Press[];
}

/** Keys, and what they do to the opening. */
export interface Press {
  readonly keys: Keys;
  readonly run: (opening: OpeningView) => void;
  /** Not told in the help: another key for the same. */
  readonly untold?: boolean;
  /** Whoever else wants the press gets it too. */
  readonly passes?: boolean;
}

/** What is pressed, as an event tells it. */
export interface Pressed {
  readonly key: string;
  readonly ctrlKey: boolean;
  readonly metaKey: boolean;
  readonly shiftKey: boolean;
}

export function isPressed(keys: Keys, pressed: Pressed): boolean {
  return (
    pressed.key.toLowerCase() === keys.key.toLowerCase() &&
    (pressed.ctrlKey || pressed.metaKey) === (keys.control ?? false) &&
    (keys.shift === undefined || pressed.shiftKey === keys.shift)
  );
}

/** The command that a press asks for, if it can be done now. */
export function commandFor<Known extends Pick<Command, "keys" | "enabled">>(
  commands: readonly Known[],
  pressed: Pressed,
): Known | undefined {
  return commands.find((command) => command.enabled && isPressed(command.keys, pressed));
}

/** What stands on the key, where it has a name: `undefined` where its letter or sign is its name. */
export const KEY_NAMES: Readonly<Record<string, Phrase>> = {
  ArrowLeft: { id: "page-key-left" },
  ArrowRight: { id: "page-key-right" },
  Delete: { id: "page-key-delete" },
  Enter: { id: "page-key-enter" },
  Escape: { id: "page-key-escape" },
};
