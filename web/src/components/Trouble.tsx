import { useQuery } from "@tanstack/react-query";
import { jobQuery } from "../api/queries";
import type { JobEditing } from "../api/useJobEditing";
import { useSpeech } from "../speech/useSpeech";

interface Props {
  readonly editing: JobEditing;
  readonly job: string;
}

/** A refusal that no field shows, and what has to be said about the job as a whole. */
export function Trouble({ editing, job }: Props) {
  const { say } = useSpeech();
  const { data } = useQuery(jobQuery(job));
  return (
    <>
      {data?.notice && (
        <p role="status" className="my-2 border-warning border-l-4 pl-3">
          {say(data.notice)}
        </p>
      )}
      {editing.trouble && (
        <p role="alert" className="my-2 flex items-center gap-3 border-error border-l-4 pl-3 text-error">
          {say(editing.trouble.said)}
          <button type="button" className="btn btn-ghost tap" onClick={editing.clearTrouble}>
            {say("page-fine")}
          </button>
        </p>
      )}
    </>
  );
}
