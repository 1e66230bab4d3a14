import { useQuery } from "@tanstack/react-query";
import { Link, Navigate, useParams } from "react-router";
import type { JobView } from "../../api/client";
import { problemText } from "../../api/problems";
import { jobQuery, wallQuery } from "../../api/queries";
import { useJobEditing } from "../../api/useJobEditing";
import { useSpeech } from "../../speech/useSpeech";
import { LoadedWall } from "./LoadedWall";
import { useAddWall } from "./useAddWall";

/** A job's address without a wall leads to its first. */
export function FirstWall() {
  const { say } = useSpeech();
  const { job = "" } = useParams();
  const { data, error } = useQuery(jobQuery(job));
  if (error) return <Missing error={error} />;
  if (!data) return <p className="p-6 text-secondary">{say("page-opening-the-job")}</p>;
  const first = data.job.walls[0]?.id;
  return first ? <Navigate to={`/jobs/${job}/walls/${first}`} replace /> : <NoWalls view={data} />;
}

export function WallPage() {
  const { say } = useSpeech();
  const { job = "", wall = "" } = useParams();
  const jobAnswer = useQuery(jobQuery(job));
  const view = jobAnswer.data;
  const described = view?.job.walls.find((each) => each.id === wall);
  const planned = useQuery({ ...wallQuery(job, wall, view?.version ?? 0), enabled: described !== undefined });
  if (jobAnswer.error) return <Missing error={jobAnswer.error} />;
  if (view && !described) return <Navigate to={`/jobs/${job}`} replace />;
  if (planned.error) return <Missing error={planned.error} />;
  if (!view || !described || !planned.data || planned.data.id !== wall) {
    return <p className="p-6 text-secondary">{say("page-opening-the-wall")}</p>;
  }
  return <LoadedWall key={wall} view={view} wall={described} planned={planned.data} />;
}

function Missing({ error }: { readonly error: Error }) {
  const { say } = useSpeech();
  return (
    <div className="p-6">
      <p className="text-lg">{problemText(say, error)}</p>
      <Link to="/" className="btn tap mt-4">
        {say("page-to-the-jobs")}
      </Link>
    </div>
  );
}

function NoWalls({ view }: { readonly view: JobView }) {
  const { say } = useSpeech();
  const addWall = useAddWall(view, useJobEditing(view.id));
  return (
    <div className="p-6">
      <h1 className="font-bold text-2xl">{view.job.name}</h1>
      <p className="mt-2">{say("page-this-job-has-no-wall-yet-add")}</p>
      <button type="button" className="btn btn-primary tap mt-4" onClick={() => void addWall()}>
        {say("page-add-a-wall")}
      </button>
    </div>
  );
}
