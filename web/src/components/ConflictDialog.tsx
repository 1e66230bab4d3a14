import { useEffect, useRef } from "react";
import type { Conflict, JobEditing } from "../api/useJobEditing";
import { named, useSpeech } from "../speech/useSpeech";

/** Somebody else was quicker: both sides are shown, and nothing typed is lost. */
export function ConflictDialog({
  conflict,
  editing,
}: {
  readonly conflict: Conflict;
  readonly editing: JobEditing;
}) {
  const { say } = useSpeech();
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    if (dialog.current && !dialog.current.open) dialog.current.showModal();
  }, []);
  const since = conflict.problem.changed_since ?? [];
  return (
    <dialog
      ref={dialog}
      className="modal"
      aria-label={say("page-the-job-has-changed")}
      onCancel={editing.dropMine}
    >
      <div className="modal-box sheet max-w-3xl">
        <h2 className="font-bold text-xl">{say("page-the-job-has-changed")}</h2>
        <p className="mt-1">{say(conflict.problem.said)}</p>
        <div className="mt-4 grid gap-x-8 gap-y-4 sm:grid-cols-2">
          <section>
            <h3 className="ruled">{say("page-changed-since")}</h3>
            <ul className="mt-1">
              {since.map((entry) => (
                <li key={entry.version}>
                  {say(entry.summary)}{" "}
                  <span className="text-secondary text-sm">{say("page-by", { author: entry.author })}</span>
                </li>
              ))}
            </ul>
          </section>
          <section>
            <h3 className="ruled">{say("page-your-edit")}</h3>
            <p className="mt-1">{say(conflict.problem.yours ?? named("edit", conflict.command.do))}</p>
          </section>
        </div>
        <div className="mt-5 flex flex-wrap gap-3">
          <button type="button" className="btn btn-primary tap" onClick={() => void editing.applyOnTop()}>
            {say("page-apply-mine-on-top")}
          </button>
          <button type="button" className="btn tap" onClick={editing.dropMine}>
            {say("page-drop-mine")}
          </button>
        </div>
      </div>
    </dialog>
  );
}
