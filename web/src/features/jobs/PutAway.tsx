import { useInfiniteQuery } from "@tanstack/react-query";
import { useState } from "react";
import { jobsQuery } from "../../api/queries";
import { useSpeech } from "../../speech/useSpeech";

interface Props {
  readonly bringBack: (job: string) => void;
}

/** The jobs that were put away, asked for when somebody looks for one: nothing is gone for good. */
export function PutAway({ bringBack }: Props) {
  const { say } = useSpeech();
  const [open, setOpen] = useState(false);
  const list = useInfiniteQuery({ ...jobsQuery("", true), enabled: open });
  const jobs = list.data?.pages.flatMap((page) => page.jobs);
  return (
    <section className="mt-4" aria-label={say("page-put-away-jobs")}>
      <button
        type="button"
        className="btn tap font-normal"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        {say("page-put-away-jobs")}
      </button>
      {open && jobs?.length === 0 && <p className="mt-2 text-secondary">{say("page-nothing-is-put-away")}</p>}
      {open && (
        <ul className="mt-2 grid gap-2">
          {jobs?.map((job) => (
            <li key={job.id} className="sheet flex items-center gap-3 px-4 py-1">
              <span className="min-w-0 flex-1 truncate">{job.name}</span>
              <button type="button" className="btn tap font-normal" onClick={() => bringBack(job.id)}>
                {say("page-bring-it-back")}
              </button>
            </li>
          ))}
        </ul>
      )}
      {open && list.hasNextPage && (
        <button type="button" className="btn tap mt-2 font-normal" onClick={() => void list.fetchNextPage()}>
          {say("page-more-jobs")}
        </button>
      )}
    </section>
  );
}
