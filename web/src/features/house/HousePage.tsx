import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { problemText } from "../../api/problems";
import { jobQuery, pathQuery } from "../../api/queries";
import { useJobEditing } from "../../api/useJobEditing";
import { ConflictDialog } from "../../components/ConflictDialog";
import { PageHead } from "../../components/PageHead";
import { Trouble } from "../../components/Trouble";
import { useSpeech } from "../../speech/useSpeech";
import { HouseLine } from "./HouseLine";
import { PlanDrawing } from "./PlanDrawing";
import { StationList } from "./StationList";
import { onTheWay } from "./stations";

/** The house in plan, storey by storey, and where its loads go from the roof to the ground. */
export function HousePage() {
  const { say } = useSpeech();
  const { job = "" } = useParams();
  const view = useQuery(jobQuery(job));
  const version = view.data?.version ?? 0;
  const { data: path, error } = useQuery({ ...pathQuery(job, version), enabled: view.data !== undefined });
  const editing = useJobEditing(job);
  const [storey, setStorey] = useState(0);
  const [choice, setChoice] = useState<string>();
  // Stations keep their names from one version to the next, not their places.
  const picked = path?.stations.findIndex((station) => nameOf(station) === choice);
  const chosen = picked === undefined || picked < 0 ? undefined : picked;
  const pick = (index: number | undefined) => {
    const station = index === undefined ? undefined : path?.stations[index];
    setChoice(station && nameOf(station));
    if (station?.storey != null) setStorey(station.storey);
  };
  const levels = view.data?.job.house.levels ?? [];
  const way = path && chosen !== undefined ? onTheWay(path, chosen) : undefined;
  return (
    <div className="screen flex h-full flex-col">
      <PageHead
        title={view.data ? say("page-house-of", { name: view.data.job.name }) : say("page-house")}
        back={{ to: `/jobs/${job}`, label: say("page-back-to-the-wall") }}
      >
        <button
          type="button"
          className="btn btn-ghost tap no-print font-normal"
          disabled={view.data?.can_undo == null}
          onClick={() => void editing.undo()}
        >
          {say("page-undo")}
        </button>
        <button
          type="button"
          className="btn btn-ghost tap no-print font-normal"
          disabled={view.data?.can_redo == null}
          onClick={() => void editing.redo()}
        >
          {say("page-redo")}
        </button>
      </PageHead>
      <main className="screen relative min-h-0 flex-1 overflow-y-auto p-4">
        {error && <p className="text-lg">{problemText(say, error)}</p>}
        <Trouble editing={editing} job={job} />
        <HouseLine job={job} empty={levels.length === 0} editing={editing} />
        {levels.length > 0 && view.data?.job.settings.snow_said === "not_said" && (
          <p className="my-2 border-primary border-l-4 pl-3">
            {say("page-snow-is-in-none-of-these-loads")}{" "}
            <Link to={`/jobs/${job}/rules`} className="tap inline-flex items-center underline">
              {say("page-say-the-snow")}
            </Link>
          </p>
        )}
        {path && levels.length > 0 && (
          <div className="mt-2 grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
            <section className="sheet p-3" aria-label={say("page-plan")}>
              <fieldset className="no-print flex flex-wrap gap-2 pb-2">
                <legend className="sr-only">{say("page-storey")}</legend>
                {levels.map((level, index) => (
                  <button
                    key={level.id}
                    type="button"
                    className={`btn tap font-normal ${storey === index ? "btn-primary" : "btn-ghost"}`}
                    aria-pressed={storey === index}
                    onClick={() => setStorey(index)}
                  >
                    {level.name}
                  </button>
                ))}
              </fieldset>
              <PlanDrawing
                path={path}
                storey={Math.min(storey, levels.length - 1)}
                picked={chosen}
                way={way}
                pick={pick}
              />
            </section>
            <section className="sheet p-3">
              <StationList
                job={job}
                path={path}
                picked={chosen}
                way={way}
                pick={pick}
                mark={(wall, bears) =>
                  void editing.run((now) => {
                    const carries = now.walls.find((each) => each.id === wall)?.carries;
                    return carries && { do: "change_carries", wall, carries: { ...carries, bearing: bears } };
                  })
                }
                make={(commands) => void editing.run({ do: "together", commands })}
              />
            </section>
          </div>
        )}
      </main>
      {editing.conflict && <ConflictDialog conflict={editing.conflict} editing={editing} />}
    </div>
  );
}

/** What a station goes by; breaks go by where they are. */
function nameOf(station: {
  kind: string;
  id?: string | null;
  near?: { x: number; y: number } | null;
}): string {
  return `${station.kind} ${station.id ?? ""} ${station.near?.x ?? ""} ${station.near?.y ?? ""}`;
}
