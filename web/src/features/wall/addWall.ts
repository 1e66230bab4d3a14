import type { JobView, Schemas } from "../../api/client";
import type { JobEditing } from "../../api/useJobEditing";
import type { Say } from "../../speech/voice";

/** Adds a wall like the last one, of which nothing is said yet. */
export async function addWall(view: JobView, editing: JobEditing, say: Say) {
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
}
