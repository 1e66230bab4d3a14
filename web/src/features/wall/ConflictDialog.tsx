import { useEffect, useRef } from "react";
import type { Conflict, JobEditing } from "../../api/useJobEditing";

/** Somebody else was quicker: both sides are shown, and nothing typed is lost. */
export function ConflictDialog({
  conflict,
  editing,
}: {
  readonly conflict: Conflict;
  readonly editing: JobEditing;
}) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    if (dialog.current && !dialog.current.open) dialog.current.showModal();
  }, []);
  const since = conflict.problem.changed_since ?? [];
  return (
    <dialog ref={dialog} className="modal" aria-label="The job has changed" onCancel={editing.dropMine}>
      <div className="modal-box sheet">
        <h2 className="font-bold text-xl">The job has changed</h2>
        <p className="mt-1">{conflict.problem.detail}</p>
        <h3 className="ruled mt-4">Changed since</h3>
        <ul className="mt-1">
          {since.map((entry) => (
            <li key={entry.version}>
              {entry.summary} <span className="text-secondary text-sm">by {entry.author}</span>
            </li>
          ))}
        </ul>
        <h3 className="ruled mt-4">Your edit</h3>
        <p className="mt-1">{conflict.command.do.replaceAll("_", " ")}</p>
        <div className="mt-5 flex flex-wrap gap-3">
          <button type="button" className="btn btn-primary tap" onClick={() => void editing.applyOnTop()}>
            Apply mine on top
          </button>
          <button type="button" className="btn tap" onClick={editing.dropMine}>
            Drop mine
          </button>
        </div>
      </div>
    </dialog>
  );
}
