import { useState } from "react";
import { NavLink, Outlet, useParams } from "react-router";
import { useChanges } from "../api/useChanges";
import { SpeechSheet } from "../speech/SpeechSheet";
import { useSpeech } from "../speech/useSpeech";
import { useTheme } from "./theme";

/** The frame of every screen: the stations of the work along the left edge, or along the bottom on a phone. */
export function Shell() {
  const { say } = useSpeech();
  useChanges();
  const [theme, toggleTheme] = useTheme();
  const [speaking, setSpeaking] = useState(false);
  const { job, wall } = useParams();
  const station = "tap flex flex-col items-center justify-center gap-0.5 px-2 py-2 text-sm";
  const look = ({ isActive }: { isActive: boolean }) =>
    `${station} ${isActive ? "bg-[var(--sheet)] font-bold shadow-[inset_4px_0_0_var(--chalk)]" : ""}`;
  return (
    <div className="screen relative flex min-h-dvh flex-col-reverse sm:h-dvh sm:flex-row sm:overflow-hidden">
      <nav
        aria-label={say("page-stations")}
        className="no-print sticky bottom-0 z-20 flex border-base-300 border-t bg-base-200 sm:w-[76px] sm:flex-col sm:border-t-0 sm:border-r"
      >
        <div className="hidden py-3 text-center font-bold text-lg tracking-tight sm:block" aria-hidden="true">
          <svg viewBox="0 0 32 32" className="mx-auto size-8" aria-hidden="true">
            <path
              d="M4 28V10h24v18M4 10h24M8 28V14h16v14M4 6h24"
              fill="none"
              stroke="currentColor"
              strokeWidth="2.4"
            />
          </svg>
        </div>
        <NavLink to="/" end className={look}>
          {say("page-jobs")}
        </NavLink>
        {job && (
          <NavLink
            to={wall ? `/jobs/${job}/walls/${wall}` : `/jobs/${job}`}
            end={wall === undefined}
            className={look}
          >
            {say("page-wall")}
          </NavLink>
        )}
        {job && (
          <NavLink to={`/jobs/${job}/house`} className={look}>
            {say("page-house")}
          </NavLink>
        )}
        {job && (
          <NavLink to={`/jobs/${job}/cut`} className={look}>
            {say("page-cutting")}
          </NavLink>
        )}
        {job && (
          <NavLink to={`/jobs/${job}/rules`} className={look}>
            {say("page-rules")}
          </NavLink>
        )}
        {job && (
          <NavLink to={`/jobs/${job}/materials`} className={look}>
            {say("page-materials")}
          </NavLink>
        )}
        <span className="flex-1" />
        <button type="button" className={station} onClick={() => setSpeaking(true)}>
          {say("page-words")}
        </button>
        <button type="button" className={station} onClick={toggleTheme}>
          {theme === "paper" ? say("page-night") : say("page-sun")}
        </button>
      </nav>
      <div className="screen min-w-0 flex-1 sm:overflow-hidden">
        <Outlet />
      </div>
      {speaking && <SpeechSheet close={() => setSpeaking(false)} />}
    </div>
  );
}
