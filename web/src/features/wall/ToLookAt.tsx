import { useId, useState } from "react";
import { Link, useParams } from "react-router";
import type { Command, WallView } from "../../api/client";
import { signOf, VerdictMark } from "../../components/VerdictMark";
import { useSpeech } from "../../speech/useSpeech";
import { FindingList } from "./ticket/CautionSection";

interface LookProps {
  readonly view: WallView;
  readonly select: (opening: string) => void;
  readonly tryOut: (command: Command) => void;
}

/** How much on this wall is not settled, as a count; and the list it opens: openings that do not hold, and trouble in the framing. */
export function ToLookAt({ view, select, tryOut }: LookProps) {
  const failing = view.openings.filter((opening) => opening.verdict !== "carries");
  const { say } = useSpeech();
  const { job } = useParams();
  const [open, setOpen] = useState(false);
  const list = useId();
  // Notes are read on their opening's ticket; those about the wall have no other place.
  const findings = view.findings.filter((finding) => finding.severity !== "note" || finding.opening == null);
  const count = failing.length + findings.length;
  const troubled =
    findings.some((finding) => finding.severity === "trouble") ||
    failing.some((opening) => signOf(opening) === "does_not_carry");
  return (
    <>
      <button
        type="button"
        className="btn tap no-print h-auto px-3"
        aria-expanded={open}
        aria-controls={list}
        onClick={() => setOpen(!open)}
      >
        {say("page-to-look-at")}
        <span className={`num text-lg ${troubled ? "text-error" : ""}`}>{count}</span>
      </button>
      {open && (
        <section
          id={list}
          aria-label={say("page-to-look-at")}
          className="sheet no-print absolute inset-x-4 top-full z-10 max-h-[60dvh] overflow-y-auto p-3 shadow-lg"
          onKeyDown={(event) => event.key === "Escape" && setOpen(false)}
        >
          <div className="flex items-center">
            <h2 className="ruled flex-1">{say("page-to-look-at")}</h2>
            <button type="button" className="btn btn-ghost tap" onClick={() => setOpen(false)}>
              {say("page-close")}
            </button>
          </div>
          {count === 0 && <p className="mt-1 text-secondary">{say("page-nothing-on-this-wall")}</p>}
          <ul>
            {failing.map((opening) => (
              <li key={opening.id}>
                <button
                  type="button"
                  className="tap flex w-full items-center gap-2 text-left hover:bg-base-200"
                  onClick={() => {
                    setOpen(false);
                    select(opening.id);
                  }}
                >
                  <VerdictMark verdict={signOf(opening)} />
                  <span>
                    <b>{opening.letter}</b> {say(opening.verdict_words)}
                  </span>
                </button>
              </li>
            ))}
          </ul>
          {findings.some(({ code }) => code === "path-breaks") && (
            <Link to={`/jobs/${job}/house`} className="btn tap my-1 font-normal">
              {say("page-where-it-breaks")}
            </Link>
          )}
          {/* What an edit would do is seen in the drawing, which the list lies over. */}
          <FindingList
            findings={findings}
            tryOut={(command) => {
              setOpen(false);
              tryOut(command);
            }}
          />
        </section>
      )}
    </>
  );
}
