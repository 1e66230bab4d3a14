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
import { Dimensions } from "./Dimensions";
import { FieldLoads } from "./FieldLoads";
import { GroundFields } from "./GroundFields";
import { HouseLine } from "./HouseLine";
import { PathDrawing } from "./PathDrawing";
import { PlanDrawing } from "./PlanDrawing";
import { StationList } from "./StationList";
import { onTheWay } from "./stations";
import { Unplaced } from "./Unplaced";

/** The house in plan, storey by storey, and where its loads go from the roof to the ground. */
export function HousePage() {
  const { say } = useSpeech();
  const { job = "" } = useParams();
  const view = useQuery(jobQuery(job));
  const version = view.data?.version ?? 0;
  const { data: path, error } = useQuery({ ...pathQuery(job, version), enabled: view.data !== undefined });
  const editing = useJobEditing(job);
  const [storey, setStorey] = useState(0);
  const [shown, setShown] = useState<"plan" | "path">("plan");
  const [choice, setChoice] = useState<string>();
  // Stations keep their names from one version to the next, not their places.
  const picked = path?.stations.findIndex((station) => nameOf(station) === choice);
  const chosen = picked === undefined || picked < 0 ? undefined : picked;
  const pick = (index: number | undefined) => {
    const station = index === undefined ? undefined : path?.stations[index];
    setChoice(station && nameOf(station));
    if (station?.storey != null) setStorey(station.storey);
  };
  const house = view.data?.job;
  const levels = house?.house.levels ?? [];
  const station = chosen === undefined ? undefined : path?.stations[chosen];
  const way = path && chosen !== undefined ? onTheWay(path, chosen) : undefined;
  return (
    <div className="screen flex h-full flex-col">
      <PageHead
        title={view.data ? say("page-house-of", { name: view.data.job.name }) : say("page-house")}
        back={{ to: `/jobs/${job}`, label: say("page-back-to-the-wall") }}
      >
        <Link to={`/jobs/${job}/shore`} className="btn tap no-print">
          {say("page-shore")}
        </Link>
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
        {path && house && levels.length > 0 && (
          <div className="mt-2 grid print:block grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
            <section className="sheet p-3" aria-label={say(shown === "path" ? "page-path" : "page-plan")}>
              <fieldset className="no-print flex flex-wrap gap-2 pb-2">
                <legend className="sr-only">{say("page-what-is-shown")}</legend>
                {(["plan", "path"] as const).map((each) => (
                  <button
                    key={each}
                    type="button"
                    className={`btn tap font-normal ${shown === each ? "btn-primary" : "btn-ghost"}`}
                    aria-pressed={shown === each}
                    onClick={() => setShown(each)}
                  >
                    {say(each === "path" ? "page-path" : "page-plan")}
                  </button>
                ))}
                <span className="flex-1" />
                <button
                  type="button"
                  className="btn btn-ghost tap font-normal"
                  onClick={() => window.print()}
                >
                  {say("page-print-it")}
                </button>
              </fieldset>
              {shown === "plan" && (
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
              )}
              {shown === "path" ? (
                <PathDrawing job={house} path={path} picked={chosen} way={way} pick={pick} />
              ) : (
                <>
                  <PlanDrawing
                    path={path}
                    storey={Math.min(storey, levels.length - 1)}
                    picked={chosen}
                    way={way}
                    pick={pick}
                    job={house}
                    make={(command) => void editing.run(command)}
                  />
                  {station && <Dimensions job={house} station={station} editing={editing} />}
                  {station && <FieldLoads job={house} station={station} editing={editing} />}
                  {storey === 0 && <GroundFields job={house} editing={editing} />}
                  <Unplaced job={house} storey={Math.min(storey, levels.length - 1)} editing={editing} />
                </>
              )}
            </section>
            <section className="sheet p-3 print:hidden">
              <StationList
                job={job}
                version={version}
                levels={levels}
                path={path}
                picked={chosen}
                way={way}
                pick={pick}
                turn={(wall, out) =>
                  void editing.run((now) => {
                    const place = now.walls.find((each) => each.id === wall)?.place;
                    if (!place || out) return { do: "place_wall", wall };
                    const axis = place.axis === "x" ? "y" : "x";
                    return {
                      do: "place_wall",
                      wall,
                      place: { ...place, axis, offset: place.start, start: place.offset },
                    };
                  })
                }
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
  return `${station.kind} ${station.id ?? `${station.near?.x} ${station.near?.y}`}`;
}
