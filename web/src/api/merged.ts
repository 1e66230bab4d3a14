import type { Edited, JobView } from "./client";

/**
 * A job after an edit, from the job before and what the edit changed; nothing where the job before is not the one that the edit was made
 * on, which has then to be read again.
 */
export function merged(before: JobView | undefined, edited: Edited): JobView | undefined {
  if (before === undefined || before.made_at !== edited.made_of) return undefined;
  const walls = edited.walls.map(({ id, wall }) => wall ?? before.job.walls.find((each) => each.id === id));
  if (!walls.every((wall) => wall !== undefined)) return undefined;
  return {
    id: before.id,
    version: edited.version,
    made_at: edited.made_at,
    job: { ...before.job, ...edited.rest, walls },
    can_undo: edited.can_undo,
    can_redo: edited.can_redo,
    totals: edited.totals,
    notice: edited.notice,
    figures_from: edited.figures_from,
  };
}
