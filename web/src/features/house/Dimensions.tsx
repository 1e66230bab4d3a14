import type { JobView, Schemas } from "../../api/client";
import type { JobEditing } from "../../api/useJobEditing";
import { LengthField } from "../../components/Field";
import { useSpeech } from "../../speech/useSpeech";
import type { Station } from "./stations";

type Job = JobView["job"];
type Command = Schemas["Command"];

interface Props {
  readonly job: Job;
  readonly station: Station;
  readonly editing: JobEditing;
}

interface Dimension {
  readonly label: string;
  readonly at: number;
  /** The edit that types over it, on the job as it is by then. */
  readonly over: (job: Job, typed: string) => Command | undefined;
}

/** Every measure of what is picked in plan, to be typed over. */
export function Dimensions({ job, station, editing }: Props) {
  const { say } = useSpeech();
  const dimensions = of(job, station);
  if (dimensions.length === 0) return null;
  return (
    <section className="no-print pt-3" aria-label={say("page-its-measures")}>
      <h3 className="font-bold">{say("page-measures-of", { name: say(station.name) })}</h3>
      <div className="grid gap-2 sm:grid-cols-2 md:grid-cols-4">
        {dimensions.map(({ label, at, over }) => (
          <LengthField
            key={`${station.id} ${label}`}
            label={say(label)}
            length={at}
            save={(typed) => editing.run((now) => over(now, typed)).then((problem) => problem?.said)}
          />
        ))}
      </div>
    </section>
  );
}

function of(job: Job, station: Station): Dimension[] {
  const { id } = station;
  const { house } = job;
  const find = <T extends { id?: string | null }>(list: readonly T[]) => list.find((each) => each.id === id);
  switch (station.kind) {
    case "wall":
      return ofWall(job, id ?? "");
    case "beam":
      return ofLine(find(house.beams)?.line, (now, line) => {
        const beam = now.house.beams.find((each) => each.id === id);
        return beam && { part: "beam", ...beam, line: { ...beam.line, ...line } };
      });
    case "foundation":
      return ofLine(find(house.foundations)?.line, (now, line) => {
        const part = now.house.foundations.find((each) => each.id === id);
        return part && { part: "foundation", ...part, line: { ...part.line, ...line } };
      });
    case "post":
      return measures(
        find(house.posts),
        [
          ["page-from-the-left", "x"],
          ["page-from-the-front", "y"],
        ],
        (now, typed) => {
          const post = now.house.posts.find((each) => each.id === id);
          return post && { part: "post", ...post, ...typed };
        },
      );
    case "pad":
      return measures(
        find(house.pads),
        [
          ["page-from-the-left", "x"],
          ["page-from-the-front", "y"],
          ["page-its-side", "size"],
        ],
        (now, typed) => {
          const pad = now.house.pads.find((each) => each.id === id);
          return pad && { part: "pad", ...pad, ...typed };
        },
      );
    case "field":
      return measures(
        find(house.fields),
        [
          ["page-left-edge", "left"],
          ["page-right-edge", "right"],
          ["page-front-edge", "near"],
          ["page-back-edge", "far"],
        ],
        (now, typed) => {
          const field = now.house.fields.find((each) => each.id === id);
          return field && { part: "field", ...field, ...typed };
        },
      );
    default:
      return [];
  }
}

type Change = (now: Job, typed: Record<string, string>) => Schemas["HousePart"] | undefined;

function measures<T extends object>(
  part: T | undefined,
  named: readonly (readonly [string, keyof T & string])[],
  change: Change,
): Dimension[] {
  if (!part) return [];
  return named.map(([label, field]) => ({
    label,
    at: Number(part[field]),
    over: (now, typed) => {
      const changed = change(now, { [field]: typed });
      return changed && { do: "change_part", part: changed };
    },
  }));
}

function ofLine(line: Schemas["AnsweredPlanLine"] | undefined, change: Change): Dimension[] {
  const offset = line?.axis === "y" ? "page-from-the-left" : "page-from-the-front";
  return measures(
    line,
    [
      [offset, "offset"],
      ["page-begins-at", "start"],
      ["page-is-long", "length"],
    ],
    change,
  );
}

function ofWall(job: Job, id: string): Dimension[] {
  const place = job.walls.find((wall) => wall.id === id)?.place;
  if (!place) return [];
  const over = (field: "offset" | "start") => (now: Job, typed: string) => {
    const stands = now.walls.find((wall) => wall.id === id)?.place;
    return stands
      ? ({ do: "place_wall", wall: id, place: { ...stands, [field]: typed } } as const)
      : undefined;
  };
  return [
    {
      label: place.axis === "y" ? "page-from-the-left" : "page-from-the-front",
      at: place.offset,
      over: over("offset"),
    },
    { label: "page-begins-at", at: place.start, over: over("start") },
  ];
}
