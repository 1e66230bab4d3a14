import type { JobView } from "../../api/client";
import type { JobEditing } from "../../api/useJobEditing";
import { useSpeech } from "../../speech/useSpeech";

interface Props {
  readonly job: JobView["job"];
  /** Which storey is looked at, from the bottom. */
  readonly storey: number;
  readonly editing: JobEditing;
}

/** Walls that were described by themselves: picked, one stands in the house, at its front, to be dragged to its place. */
export function Unplaced({ job, storey, editing }: Props) {
  const { say } = useSpeech();
  const level = job.house.levels[storey]?.id;
  const walls = job.walls.filter((wall) => !wall.place);
  if (walls.length === 0 || !level) return null;
  return (
    <section className="no-print pt-3" aria-label={say("page-walls-without-a-place")}>
      <h3 className="font-bold">{say("page-walls-without-a-place")}</h3>
      <p className="text-secondary text-sm">{say("page-pick-one-to-place-it")}</p>
      <div className="flex flex-wrap gap-2 pt-1">
        {walls.map(({ id, frame }) => (
          <button
            key={id}
            type="button"
            className="btn btn-outline tap font-normal"
            onClick={() =>
              id &&
              void editing.run({
                do: "place_wall",
                wall: id,
                place: { level, axis: "x", offset: 0, start: 0, turned: false },
              })
            }
          >
            {frame.name}
          </button>
        ))}
      </div>
    </section>
  );
}
