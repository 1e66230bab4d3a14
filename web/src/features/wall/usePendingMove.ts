import { useQueryClient } from "@tanstack/react-query";
import { type RefObject, useCallback, useEffect, useMemo, useRef, useState } from "react";
import {
  answered,
  api,
  type Command,
  type JobView,
  type LookedAt,
  type OpeningView,
  type WallView,
} from "../../api/client";
import { keys, wallQuery } from "../../api/queries";
import type { JobEditing, Look } from "../../api/useJobEditing";
import { useSteady } from "../../components/useSteady";
import type { Nanometers } from "../../lib/length";

export interface PendingMove {
  readonly opening: string;
  readonly center: Nanometers;
}

const COMMIT_AFTER_MS = 450;

/**
 * An opening on its way: where it is asked to be, and the wall as the server computes it there. Nothing is kept until
 * it is let go, or the keys have rested.
 */
export function usePendingMove(
  job: string,
  view: WallView | undefined,
  editing: JobEditing,
  look: RefObject<Look | undefined>,
) {
  const client = useQueryClient();
  const [pending, setPending] = useState<PendingMove>();
  const [preview, setPreview] = useState<LookedAt>();
  /** An edit that is shown before it is kept. */
  const [trial, setTrial] = useState<Command>();
  /** Where the opening is headed, until that is kept. */
  const wanted = useRef<PendingMove>(undefined);
  /** Whether that has still to be sent. */
  const unsent = useRef(false);
  const asking = useRef(false);
  const rest = useRef<ReturnType<typeof setTimeout>>(undefined);
  const wall = view?.id;

  /** One question at a time, always for the newest place. */
  const ask = useCallback(async () => {
    if (asking.current || wall === undefined) return;
    asking.current = true;
    try {
      for (let move = wanted.current; move !== undefined; ) {
        const answer = await answered(
          api.POST("/api/jobs/{job}/walls/{wall}/preview", {
            params: { path: { job, wall } },
            body: { command: moveCommand(move), opening: move.opening },
          }),
        ).catch(() => undefined);
        if (wanted.current === undefined) break;
        if (answer !== undefined) setPreview(answer);
        if (wanted.current === move) break;
        move = wanted.current;
      }
    } finally {
      asking.current = false;
    }
  }, [job, wall]);

  const forget = useCallback(() => {
    clearTimeout(rest.current);
    wanted.current = undefined;
    unsent.current = false;
    setPending(undefined);
    setPreview(undefined);
    setTrial(undefined);
  }, []);

  const moveTo = useCallback(
    (opening: string, center: Nanometers) => {
      const move = { opening, center: Math.round(center) };
      wanted.current = move;
      unsent.current = true;
      setPending(move);
      void ask();
    },
    [ask],
  );

  const commit = useCallback(async () => {
    clearTimeout(rest.current);
    const move = wanted.current;
    if (move === undefined || !unsent.current) return;
    unsent.current = false;
    const refusal = await editing.run(moveCommand(move));
    const now = client.getQueryData<JobView>(keys.job(job));
    // The preview stands until the wall as it is now kept has been read, so that nothing jumps back.
    if (refusal === undefined && now !== undefined && wall !== undefined) {
      await client.prefetchQuery(wallQuery(job, wall, now.version));
    }
    if (wanted.current === move) forget();
  }, [client, editing, forget, job, wall]);

  /** Shows what an edit would do to this wall. */
  const tryOut = useCallback(
    async (command: Command) => {
      await latestCommit.current();
      if (wall === undefined) return;
      const path = { job, wall };
      const body = { command, opening: look.current?.opening ?? null };
      const answer = await answered(
        api.POST("/api/jobs/{job}/walls/{wall}/preview", { params: { path }, body }),
      ).catch(() => undefined);
      // What cannot be shown is tried in earnest, so that its refusal is told.
      if (answer === undefined) return void editing.run(command);
      setPreview(answer);
      setTrial(command);
    },
    [editing, job, look, wall],
  );

  const keepTrial = useCallback(async () => {
    if (trial === undefined) return;
    await editing.run(trial);
    forget();
  }, [editing, forget, trial]);

  const latestCommit = useRef(commit);
  latestCommit.current = commit;

  const nudge = useCallback(
    (opening: OpeningView, by: Nanometers) => {
      const from = wanted.current?.opening === opening.id ? wanted.current.center : opening.center;
      moveTo(opening.id, from + by);
      clearTimeout(rest.current);
      rest.current = setTimeout(() => void latestCommit.current(), COMMIT_AFTER_MS);
    },
    [moveTo],
  );

  useEffect(() => () => clearTimeout(rest.current), []);

  /** The same edits, each after a move that is still on its way, so that they are kept in the order they were made. */
  const settled = useMemo<JobEditing>(() => {
    const settle = () => latestCommit.current();
    return {
      ...editing,
      run: (command) => settle().then(() => editing.run(command)),
      undo: () => settle().then(editing.undo),
      redo: () => settle().then(editing.redo),
    };
  }, [editing]);

  const looked = pending !== undefined || trial !== undefined ? preview : undefined;
  return {
    settled,
    pending,
    shown: looked?.wall ?? view,
    /** The ticket as it would be. */
    ticket: looked?.ticket ?? undefined,
    trial,
    tryOut: useSteady((command: Command) => void tryOut(command)),
    keepTrial: () => void keepTrial(),
    leaveTrial: forget,
    moveTo,
    nudge,
    commit,
    forget,
  };
}

function moveCommand(move: PendingMove): Command {
  return { do: "move_opening", opening: move.opening, to: move.center, measured: "center" };
}
