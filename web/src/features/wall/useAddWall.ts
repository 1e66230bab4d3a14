import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import type { JobView, Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import type { JobEditing } from "../../api/useJobEditing";
import { useSpeech } from "../../speech/useSpeech";

/** Adds a wall like the last one, of which nothing is said yet, and opens it. */
export function useAddWall(view: JobView, editing: JobEditing): () => Promise<void> {
  const { say } = useSpeech();
  const client = useQueryClient();
  const navigate = useNavigate();
  return async () => {
    const like = view.job.walls.at(-1);
    const frame = like?.frame ?? {
      length: "12'",
      height: "97 1/8",
      stud_species: "spruce_pine_fir" as const,
      stud_grade: "stud" as const,
      stud_depth: "four" as const,
      spacing: "16",
      plate_species: "spruce_pine_fir" as const,
    };
    const wall: Schemas["Wall"] = {
      frame: { ...frame, name: say("page-new-wall-name", { number: view.job.walls.length + 1 }) },
      // What another wall carries says nothing of this one.
      carries: { bearing: true, items: [] },
      openings: [],
      point_loads: [],
    };
    await editing.run({ do: "add_wall", wall });
    // It is the last of the list; where the edit was refused or waits for a decision it is not there.
    const walls = client.getQueryData<JobView>(keys.job(view.id))?.job.walls ?? [];
    const newest = walls.at(-1)?.id;
    if (newest && walls.length > view.job.walls.length) void navigate(`/jobs/${view.id}/walls/${newest}`);
  };
}
