import { useEffect, useRef } from "react";
import { NavLink, useParams } from "react-router";
import type { JobView } from "../../api/client";
import { useSpeech } from "../../speech/useSpeech";

interface Props {
  readonly view: JobView;
  readonly addWall: () => void;
}

/** The walls of the job, each with how much of it is not settled. */
export function WallTabs({ view, addWall }: Props) {
  const { say } = useSpeech();
  const nav = useRef<HTMLElement>(null);
  const { wall: shown } = useParams();
  useEffect(() => {
    if (shown)
      nav.current
        ?.querySelector('[aria-current="page"]')
        ?.scrollIntoView({ inline: "nearest", block: "nearest" });
  }, [shown]);
  return (
    <>
      <nav
        ref={nav}
        aria-label={say("page-walls")}
        className="no-print flex min-w-0 flex-[1_1_14rem] items-stretch overflow-x-auto overflow-y-hidden"
      >
        {view.job.walls.map((wall, index) => {
          const { trouble, asking } = view.totals[index] ?? { trouble: 0, asking: 0 };
          return (
            <NavLink
              key={wall.id}
              to={`/jobs/${view.id}/walls/${wall.id}`}
              className={({ isActive }) =>
                `tap flex shrink-0 items-center gap-2 border-b-4 px-3 ${isActive ? "border-[var(--chalk)] font-bold" : "border-transparent text-secondary"}`
              }
            >
              {wall.frame.name}
              {trouble > 0 && (
                <span
                  className="border-2 border-error px-1 font-bold num text-error text-sm"
                  title={say("page-in-trouble", { trouble })}
                >
                  {trouble}
                </span>
              )}
              {asking > 0 && (
                <span
                  className="rounded-full border-2 border-primary border-dotted px-1.5 font-bold num text-primary text-sm"
                  title={say("page-to-be-said", { asking })}
                >
                  {asking}
                </span>
              )}
            </NavLink>
          );
        })}
      </nav>
      {/* However many walls there are, the next one is in sight. */}
      <button type="button" className="btn btn-ghost tap no-print shrink-0 font-normal" onClick={addWall}>
        {say("page-wall-2")}
      </button>
    </>
  );
}
