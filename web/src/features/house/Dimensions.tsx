import type { JobView, Schemas } from "../../api/client";
import type { JobEditing } from "../../api/useJobEditing";
import { LengthField } from "../../components/Field";
import { useSpeech } from "../../speech/useSpeech";
import { partNow } from "./parts";
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

/** What is measured of each kind of part, and what it is called. */
const MEASURES: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
  post: [
    ["page-from-the-left", "x"],
    ["page-from-the-front", "y"],
  ],
  pad: [
    ["page-from-the-left", "x"],
    ["page-from-the-front", "y"],
    ["page-its-side", "size"],
  ],
  field: [
    ["page-left-edge", "left"],
    ["page-right-edge", "right"],
    ["page-front-edge", "near"],
    ["page-back-edge", "far"],
  ],
};

function of(job: Job, station: Station): Dimension[] {
  if (station.kind === "wall") return ofWall(job, station.id ?? "");
  const part = partNow(job.house, station);
  if (!part) return [];
  const over = (now: Job, change: (there: Schemas["HousePart"]) => Schemas["HousePart"]) => {
    const there = partNow(now.house, station);
    return there && ({ do: "change_part", part: change(there) } as const);
  };
  if ("line" in part) {
    const offset = part.line.axis === "y" ? "page-from-the-left" : "page-from-the-front";
    const along = [
      [offset, "offset"],
      ["page-begins-at", "start"],
      ["page-is-long", "length"],
    ] as const;
    return along.map(([label, field]) => ({
      label,
      at: Number(part.line[field]),
      over: (now, typed) =>
        over(now, (there) =>
          "line" in there ? { ...there, line: { ...there.line, [field]: typed } } : there,
        ),
    }));
  }
  return (MEASURES[part.part] ?? []).map(([label, field]) => ({
    label,
    at: Number((part as unknown as Record<string, number>)[field]),
    over: (now, typed) => over(now, (there) => ({ ...there, [field]: typed })),
  }));
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
