import type { JobEditing } from "../api/useJobEditing";
import { useSpeech } from "../speech/useSpeech";

/** A refusal that no field shows. */
export function Trouble({ editing }: { readonly editing: JobEditing }) {
  const { say } = useSpeech();
  if (!editing.trouble) return null;
  return (
    <p role="alert" className="my-2 flex items-center gap-3 border-error border-l-4 pl-3 text-error">
      {say(editing.trouble.said)}
      <button type="button" className="btn btn-ghost tap" onClick={editing.clearTrouble}>
        {say("page-fine")}
      </button>
    </p>
  );
}
