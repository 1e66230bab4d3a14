import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { Link, useNavigate } from "react-router";
import { author, setAuthor } from "../../api/author";
import { answered, api, type Schemas } from "../../api/client";
import { problemText } from "../../api/problems";
import { jobsQuery, keys, totalsQuery } from "../../api/queries";
import { TextField } from "../../components/Field";
import { useSpeech } from "../../speech/useSpeech";
import { PutAway } from "./PutAway";

/** A job, and who does something with it. */
const by = (job: string) => ({ path: { job }, query: { author: author() } });

/** So many jobs are found by looking. */
const FEW = 8;

/** Every job: open, create, rename, copy, put away and bring back. */
export function JobsPage() {
  const { say } = useSpeech();
  const [named, setNamed] = useState("");
  const list = useInfiniteQuery(jobsQuery(useDeferredValue(named.trim())));
  const jobs = list.data?.pages.flatMap((page) => page.jobs);
  const client = useQueryClient();
  const navigate = useNavigate();
  const [gone, setGone] = useState<Schemas["JobSummary"]>();
  const refresh = () => client.invalidateQueries({ queryKey: keys.jobs });
  const create = useMutation({
    mutationFn: (name: string) => answered(api.POST("/api/jobs", { body: { name, author: author() } })),
    onSuccess: (view) => {
      void refresh();
      void navigate(`/jobs/${view.id}`);
    },
  });
  const duplicate = useMutation({
    mutationFn: (job: string) => answered(api.POST("/api/jobs/{job}/duplicate", { params: by(job) })),
    onSuccess: refresh,
  });
  const putAway = useMutation({
    mutationFn: (job: Schemas["JobSummary"]) =>
      answered(api.DELETE("/api/jobs/{job}", { params: by(job.id) })),
    onSuccess: (_, job) => {
      setGone(job);
      return refresh();
    },
  });
  const bringBack = useMutation({
    mutationFn: (job: string) => answered(api.POST("/api/jobs/{job}/restore", { params: by(job) })),
    onSuccess: () => {
      setGone(undefined);
      return refresh();
    },
  });
  const load = useMutation({
    mutationFn: async (file: File) =>
      answered(api.POST("/api/jobs/file", { body: { text: await file.text(), author: author() } })),
    onSuccess: (view) => {
      void refresh();
      void navigate(`/jobs/${view.id}`);
    },
  });
  const problem =
    list.error ?? create.error ?? load.error ?? duplicate.error ?? putAway.error ?? bringBack.error;
  return (
    <main className="screen mx-auto max-w-4xl px-4 py-6 sm:h-full sm:overflow-y-auto">
      <h1 className="font-bold text-3xl tracking-tight">{say("page-sturvek")}</h1>
      <p className="text-secondary">{say("page-openings-in-load-bearing-walls-what-carries")}</p>
      {problem && (
        <p role="alert" className="my-3 border-error border-l-4 pl-3 text-error">
          {problemText(say, problem)}
        </p>
      )}
      {gone && (
        <p role="status" className="sheet my-3 flex items-center gap-3 px-3 py-1">
          {say("page-is-put-away", { name: gone.name })}
          <button type="button" className="btn tap ml-auto" onClick={() => bringBack.mutate(gone.id)}>
            {say("page-bring-it-back")}
          </button>
        </p>
      )}
      <h2 className="ruled mt-6">{say("page-jobs")}</h2>
      {jobs && (named !== "" || jobs.length > FEW) && (
        <label className="mt-2 mb-4 block max-w-lg">
          <span className="block text-secondary text-sm">{say("page-find-a-job")}</span>
          <input
            type="search"
            className="input tap mt-1 w-full"
            value={named}
            maxLength={80}
            onChange={(event) => setNamed(event.target.value)}
          />
        </label>
      )}
      {jobs?.length === 0 && (
        <p className="mt-2">
          {say(named === "" ? "page-no-job-yet-name-one-below-to" : "page-no-job-of-that-name")}
        </p>
      )}
      <ul className="mt-2 grid gap-3">
        {jobs?.map((job) => (
          <JobCard
            key={job.id}
            job={job}
            duplicate={() => duplicate.mutate(job.id)}
            putAway={() => putAway.mutate(job)}
            renamed={refresh}
          />
        ))}
      </ul>
      {list.hasNextPage && (
        <button
          type="button"
          className="btn tap mt-3 font-normal"
          disabled={list.isFetchingNextPage}
          onClick={() => void list.fetchNextPage()}
        >
          {say("page-more-jobs")}
        </button>
      )}
      <PutAway bringBack={(job) => bringBack.mutate(job)} />
      <NewJob create={(name) => create.mutate(name)} />
      <LoadJob load={(file) => load.mutate(file)} />
      <h2 className="ruled mt-8">{say("page-your-name-for-the-record")}</h2>
      <div className="mt-2 max-w-sm">
        <TextField
          label={say("page-goes-beside-every-edit-you-make-on")}
          value={author() ?? ""}
          input="author"
          numeric={false}
          save={async (name) => {
            setAuthor(name.trim());
            return undefined;
          }}
        />
      </div>
      <h2 className="ruled mt-8">{say("page-phones")}</h2>
      <p className="mt-2">
        {say("page-let-phones-in")}{" "}
        <Link to="/devices" className="btn tap font-normal">
          {say("page-pair-a-phone")}
        </Link>
      </p>
    </main>
  );
}

interface CardProps {
  readonly job: Schemas["JobSummary"];
  readonly duplicate: () => void;
  readonly putAway: () => void;
  readonly renamed: () => void;
}

function JobCard({ job, duplicate, putAway, renamed }: CardProps) {
  const { say } = useSpeech();
  const [renaming, setRenaming] = useState(false);
  const rename = async (name: string) => {
    const params = { path: { job: job.id } };
    try {
      // The list may be older than the job: only another name since then stands in the way of this one.
      const now = await answered(api.GET("/api/jobs/{job}", { params }));
      if (now.job.name !== job.name) {
        renamed();
        return say("page-somebody-named-it-meanwhile", { name: now.job.name });
      }
      const command = { do: "rename_job" as const, name };
      const body = { on_version: now.version, command, author: author() };
      await answered(api.POST("/api/jobs/{job}/commands", { params, body }));
    } catch (problem) {
      return problem instanceof Error ? problem.message : String(problem);
    }
    setRenaming(false);
    renamed();
    return undefined;
  };
  return (
    <li className="sheet flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-3">
      <div className="min-w-56 flex-1">
        {renaming ? (
          <TextField
            label={say("page-name")}
            value={job.name}
            input="job-name"
            numeric={false}
            save={rename}
          />
        ) : (
          <Link
            to={`/jobs/${job.id}`}
            className="tap flex items-center font-bold text-xl underline-offset-4 hover:underline"
          >
            {job.name}
          </Link>
        )}
        {(job.address || job.permit) && (
          <p>
            {job.address}
            {job.address && job.permit && " · "}
            {job.permit && say("paper-permit", { permit: job.permit })}
          </p>
        )}
        <p className="text-secondary text-sm">{job.walls.join(" · ") || say("page-no-walls-yet")}</p>
        <p className="text-secondary text-sm">
          {say("page-changed-on", {
            when: new Date(job.updated_at).toLocaleString(document.documentElement.lang, {
              dateStyle: "medium",
              timeStyle: "short",
            }),
          })}
        </p>
      </div>
      <Settled job={job} />
      <div className="flex flex-wrap">
        <button
          type="button"
          className="btn btn-ghost tap font-normal"
          onClick={() => setRenaming(!renaming)}
        >
          {say("page-rename")}
        </button>
        <button type="button" className="btn btn-ghost tap font-normal" onClick={duplicate}>
          {say("page-copy")}
        </button>
        <a className="btn btn-ghost tap font-normal" href={`/api/jobs/${job.id}/file`} download>
          {say("page-save-as-a-file")}
        </a>
        <button type="button" className="btn btn-ghost tap font-normal" onClick={putAway}>
          {say("page-put-away")}
        </button>
      </div>
    </li>
  );
}

/** How much of a job is settled; counted now where that was not done since it changed. */
function Settled({ job }: { readonly job: Schemas["JobSummary"] }) {
  const { say } = useSpeech();
  const counted = useQuery({ ...totalsQuery(job.id, job.version), enabled: !job.totals });
  const totals = job.totals ?? counted.data;
  if (!totals) return <p className="text-secondary">{say("page-being-counted")}</p>;
  const { openings, unresolved } = totals;
  if (openings === 0) return <p className="text-secondary">{say("page-no-opening-yet")}</p>;
  return (
    <div className="flex items-center gap-x-3 gap-y-1 sm:flex-col sm:items-end">
      <p className="text-secondary text-sm">{say("count-of-openings", { count: openings })}</p>
      {unresolved > 0 ? (
        <p className="border-2 border-error px-2 font-bold text-error">
          {say("page-not-settled", { unresolved })}
        </p>
      ) : (
        <p className="text-secondary">{say("page-all-settled")}</p>
      )}
    </div>
  );
}

/** A job that was saved as a file, here or elsewhere. */
function LoadJob({ load }: { readonly load: (file: File) => void }) {
  const { say } = useSpeech();
  return (
    <label className="btn tap mt-3 font-normal">
      {say("page-load-a-job-from-a-file")}
      <input
        type="file"
        accept=".json,application/json"
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) load(file);
          event.target.value = "";
        }}
      />
    </label>
  );
}

function NewJob({ create }: { readonly create: (name: string) => void }) {
  const { say } = useSpeech();
  const [name, setName] = useState("");
  return (
    <form
      className="mt-4 flex max-w-lg items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        create(name);
      }}
    >
      <label className="flex-1">
        <span className="block text-secondary text-sm">{say("page-a-new-job")}</span>
        <input
          className="input tap w-full"
          value={name}
          maxLength={80}
          placeholder={say("page-whose-house-which-wall")}
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      <button type="submit" className="btn btn-primary tap" disabled={name.trim() === ""}>
        {say("page-begin")}
      </button>
    </form>
  );
}
