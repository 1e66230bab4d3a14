import { useQuery } from "@tanstack/react-query";
import { NavLink, useParams } from "react-router";
import { jobQuery, memberQuery, sheetQuery, wallPaperQuery } from "../../api/queries";
import { useSpeech } from "../../speech/useSpeech";
import { PaperPage } from "./PaperPage";

const SHEETS = [
  { sheet: "wall", label: { id: "page-wall-sheet" } },
  { sheet: "plates", label: { id: "page-plate-list" } },
  { sheet: "cuts", label: { id: "page-cut-list" } },
] as const;

/** The sheets of a wall: its drawing with the tickets, its plates and pole, its cut list. */
export function WallPaperPage() {
  const { say } = useSpeech();
  const { job = "", wall = "", sheet = "" } = useParams();
  const shown = SHEETS.find((each) => each.sheet === sheet)?.sheet ?? "wall";
  const view = useQuery(jobQuery(job));
  const paper = useQuery({
    ...wallPaperQuery(job, wall, shown, view.data?.version ?? 0),
    enabled: view.data !== undefined,
  });
  return (
    <PaperPage
      paper={paper.data}
      error={view.error ?? paper.error}
      back={{ to: `/jobs/${job}/walls/${wall}`, label: say("page-back-to-the-wall") }}
      pdf={`/api/jobs/${job}/walls/${wall}/papers/${shown}/sheet.pdf`}
    >
      <nav className="no-print flex flex-wrap" aria-label={say("page-sheets")}>
        {SHEETS.map(({ sheet, label }) => (
          <NavLink
            key={sheet}
            to={`/jobs/${job}/walls/${wall}/papers/${sheet}`}
            className={({ isActive }) =>
              `btn tap btn-ghost ${isActive ? "font-bold underline underline-offset-4" : "font-normal"}`
            }
          >
            {say(label)}
          </NavLink>
        ))}
      </nav>
    </PaperPage>
  );
}

/** The calculation sheet of an opening, as an inspector asks for it. */
export function CalculationPage() {
  const { say } = useSpeech();
  const { job = "", opening = "" } = useParams();
  const view = useQuery(jobQuery(job));
  const paper = useQuery({
    ...sheetQuery(job, opening, view.data?.version ?? 0),
    enabled: view.data !== undefined,
  });
  const wall = view.data?.job.walls.find((each) => each.openings.some((one) => one.id === opening))?.id;
  return (
    <PaperPage
      paper={paper.data}
      error={view.error ?? paper.error}
      back={{
        to: wall ? `/jobs/${job}/walls/${wall}?o=${opening}` : `/jobs/${job}`,
        label: say("page-back-to-the-wall"),
      }}
      pdf={`/api/jobs/${job}/openings/${opening}/sheet.pdf`}
    />
  );
}

/** The sheet of a beam or a post of the house. */
export function MemberPage() {
  const { say } = useSpeech();
  const { job = "", part = "" } = useParams();
  const view = useQuery(jobQuery(job));
  const paper = useQuery({
    ...memberQuery(job, part, view.data?.version ?? 0),
    enabled: view.data !== undefined,
  });
  return (
    <PaperPage
      paper={paper.data}
      error={view.error ?? paper.error}
      back={{ to: `/jobs/${job}/house`, label: say("page-back-to-the-house") }}
      pdf={`/api/jobs/${job}/members/${part}/sheet.pdf`}
    />
  );
}
