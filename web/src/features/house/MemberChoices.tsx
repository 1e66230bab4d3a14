import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { memberChoicesQuery } from "../../api/queries";
import { useSpeech } from "../../speech/useSpeech";

interface Props {
  readonly job: string;
  readonly part: string;
  readonly version: number;
  /** Makes edits as one. */
  readonly make: (commands: Schemas["Command"][]) => void;
}

/** What may go in as a beam or a post. */
export function MemberChoices(props: Props) {
  const { say } = useSpeech();
  const [open, setOpen] = useState(false);
  return (
    <section className="no-print">
      <button
        type="button"
        className="btn btn-ghost tap font-normal"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        {say("page-what-may-go-in")}
      </button>
      {open && <Choices {...props} />}
    </section>
  );
}

/** What carries, one tap each; the rest is folded away. */
function Choices({ job, part, version, make }: Props) {
  const { say } = useSpeech();
  const [all, setAll] = useState(false);
  const { data } = useQuery(memberChoicesQuery(job, part, version));
  if (!data || data.tried.length === 0) {
    return data?.back ? <Back command={data.back} make={make} /> : null;
  }
  const carrying = data.tried.filter((each) => each.carries || each.goes_in);
  const failing = data.tried.length - carrying.length;
  return (
    <div>
      {data.back && <Back command={data.back} make={make} />}
      <ul>
        {(all ? data.tried : carrying).map((each) => (
          <li key={JSON.stringify(each.command)}>
            <button
              type="button"
              className={`tap flex w-full items-center justify-between gap-4 border-base-300 border-b text-left ${each.goes_in ? "font-bold" : ""}`}
              aria-pressed={each.goes_in}
              onClick={() => make([each.command])}
            >
              <span>{say(each.what)}</span>
              <span className={`num ${each.carries ? "" : "font-bold text-error"}`}>
                {each.works == null
                  ? say("page-carries-nothing")
                  : say("page-works-at", { at: { percent: each.works } })}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {failing > 0 && (
        <button type="button" className="btn btn-ghost tap font-normal" onClick={() => setAll(!all)}>
          {say(all ? "page-only-what-carries" : "page-and-what-does-not-carry", { count: failing })}
        </button>
      )}
    </div>
  );
}

interface BackProps {
  readonly command: Schemas["Command"];
  readonly make: (commands: Schemas["Command"][]) => void;
}

function Back({ command, make }: BackProps) {
  const { say } = useSpeech();
  return (
    <button type="button" className="btn tap no-print font-normal" onClick={() => make([command])}>
      {say("page-let-the-job-choose")}
    </button>
  );
}
