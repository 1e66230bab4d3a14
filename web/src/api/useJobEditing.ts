import { notifyManager, useQueryClient } from "@tanstack/react-query";
import { type RefObject, useCallback, useState } from "react";
import { author } from "./author";
import {
  ApiProblem,
  answered,
  api,
  type Command,
  type Edited,
  type JobView,
  type Problem,
  type Schemas,
} from "./client";
import { merged } from "./merged";
import { keys } from "./queries";
import { retried } from "./retried";

/** An edit that met a job somebody else had changed. */
export interface Conflict {
  readonly command: Command;
  readonly problem: Problem;
}

/** A command, or how to make it from the job as it is when its turn comes: quick edits must not undo one another. */
export type Edit = Command | ((job: JobView["job"]) => Command | undefined);

export interface JobEditing {
  /** Applies a command; answers the problem if it is refused, so that its field can show it. */
  readonly run: (edit: Edit) => Promise<Problem | undefined>;
  readonly undo: () => Promise<void>;
  readonly redo: () => Promise<void>;
  /** A refusal that no field shows. */
  readonly trouble: Problem | undefined;
  readonly clearTrouble: () => void;
  readonly conflict: Conflict | undefined;
  /** The edit that was dropped last: what was typed for it is given back. */
  readonly dropped: Conflict | undefined;
  /** Applies the held edit on the job as it is now. */
  readonly applyOnTop: () => Promise<void>;
  readonly dropMine: () => void;
}

/** An opening's design in the job as it is. */
export function designNow(job: JobView["job"], opening: string) {
  return job.walls.flatMap((wall) => wall.openings).find((each) => each.id === opening)?.design;
}

/** The last request of each job that was sent from this page. */
const turns = new Map<string, Promise<unknown>>();

/** A wall, and an opening in it, that whoever edits looks at. */
export type Look = Schemas["Look"];

/** Edits of one job, one after another, each on the version before it. What is looked at comes with the answer. */
export function useJobEditing(job: string, look?: RefObject<Look | undefined>): JobEditing {
  const client = useQueryClient();
  const [trouble, setTrouble] = useState<Problem>();
  const [conflict, setConflict] = useState<Conflict>();
  const [dropped, setDropped] = useState<Conflict>();
  const version = useCallback(() => client.getQueryData<JobView>(keys.job(job))?.version ?? 0, [client, job]);

  /** Requests wait for one another, so that quick edits do not meet themselves, on whichever screen they were made. */
  const inTurn = useCallback(
    <T>(task: () => Promise<T>): Promise<T> => {
      const next = (turns.get(job) ?? Promise.resolve()).then(task, task);
      turns.set(
        job,
        next.catch(() => undefined),
      );
      return next;
    },
    [job],
  );

  const keep = useCallback(
    async (edited: Edited, looked: Look | undefined) => {
      const view = merged(client.getQueryData<JobView>(keys.job(job)), edited);
      // The wall first: the page turns to the new version once, with everything there.
      notifyManager.batch(() => {
        if (edited.looked_at && looked) {
          const { wall, ticket, candidates } = edited.looked_at;
          client.setQueryData(keys.wall(job, wall.id, edited.version), wall);
          if (ticket) client.setQueryData(keys.ticket(job, ticket.id, edited.version), ticket);
          if (candidates && looked.opening) {
            client.setQueryData(keys.candidates(job, looked.opening, edited.version), candidates);
          }
        }
        if (view) client.setQueryData(keys.job(job), view);
      });
      // The next edit waits for it: it is made on the version that is read here.
      if (!view) await client.invalidateQueries({ queryKey: keys.job(job), exact: true });
      void client.invalidateQueries({ queryKey: keys.jobs });
    },
    [client, job],
  );

  const send = useCallback(
    async (edit: Edit): Promise<Problem | undefined> => {
      const known = client.getQueryData<JobView>(keys.job(job))?.job;
      const command = typeof edit === "function" ? known && edit(known) : edit;
      if (command === undefined) return undefined;
      try {
        const looked = look?.current;
        const body = { on_version: version(), command, author: author(), looking_at: looked };
        const post = (key: string) =>
          answered(
            api.POST("/api/jobs/{job}/commands", { params: { path: { job } }, body: { ...body, key } }),
          );
        await keep(await retried(post), looked);
        return undefined;
      } catch (error) {
        if (!(error instanceof ApiProblem)) throw error;
        if (error.problem.type === "sturvek:stale") {
          setConflict({ command, problem: error.problem });
          await client.invalidateQueries({ queryKey: keys.job(job), exact: true });
          return undefined;
        }
        if (!error.problem.errors?.length) setTrouble(error.problem);
        return error.problem;
      }
    },
    [client, job, keep, look, version],
  );

  const step = useCallback(
    async (path: "/api/jobs/{job}/undo" | "/api/jobs/{job}/redo") => {
      try {
        const looked = look?.current;
        const body = { on_version: version(), author: author(), looking_at: looked };
        const post = (key: string) =>
          answered(api.POST(path, { params: { path: { job } }, body: { ...body, key } }));
        await keep(await retried(post), looked);
      } catch (error) {
        if (!(error instanceof ApiProblem)) throw error;
        setTrouble(error.problem);
        await client.invalidateQueries({ queryKey: keys.job(job), exact: true });
      }
    },
    [client, job, keep, look, version],
  );

  return {
    run: useCallback((edit) => inTurn(() => send(edit)), [inTurn, send]),
    undo: useCallback(() => inTurn(() => step("/api/jobs/{job}/undo")), [inTurn, step]),
    redo: useCallback(() => inTurn(() => step("/api/jobs/{job}/redo")), [inTurn, step]),
    trouble,
    clearTrouble: useCallback(() => setTrouble(undefined), []),
    conflict,
    applyOnTop: useCallback(async () => {
      if (conflict === undefined) return;
      setConflict(undefined);
      await inTurn(() => send(conflict.command));
    }, [conflict, inTurn, send]),
    dropped,
    dropMine: useCallback(() => {
      setDropped(conflict);
      setConflict(undefined);
    }, [conflict]),
  };
}
