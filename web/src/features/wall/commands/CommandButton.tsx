import { useSpeech } from "../../../speech/useSpeech";
import type { Command } from "./commands";

/** A command as a button, with what it would do now. */
export function CommandButton({ command }: { readonly command: Command }) {
  const { say } = useSpeech();
  return (
    <button
      type="button"
      className="btn btn-ghost tap"
      disabled={!command.enabled}
      title={command.hint && say(command.hint)}
      onClick={command.run}
    >
      {say(command.label)}
    </button>
  );
}
