import type { JobView, Schemas } from "../../api/client";
import type { Phrase } from "../../speech/voice";
import { partNow } from "./parts";
import type { Path, Station } from "./stations";

// What can be held in plan, where it stops, and the edit that moves it. Lengths are nanometers.

type Job = JobView["job"];
type Command = Schemas["Command"];
export type Axis = "x" | "y";

/** An edge of a field. */
export type Edge = "left" | "right" | "near" | "far";

/** What is held: a part as a whole, or one edge of a field. */
export interface Held {
  readonly station: Station;
  readonly edge?: Edge;
}

/** A place worth stopping at. */
export interface Stop {
  readonly at: number;
  readonly why: Phrase;
  /** Whether there are many of its kind: it is taken from nearby only, and where nothing else is. */
  readonly weak?: boolean;
}

const across = (axis: Axis): Axis => (axis === "x" ? "y" : "x");

/** Along which axes it may be moved: a wall and a beam across themselves, a post and a pad both ways, an edge across itself. */
export function movesAlong(job: Job, { station, edge }: Held): readonly Axis[] {
  if (edge) return [edge === "left" || edge === "right" ? "x" : "y"];
  const line = lineOf(job, station);
  if (line) return [across(line.axis)];
  return station.kind === "post" || station.kind === "pad" ? ["x", "y"] : [];
}

/** The line of a wall, a beam or a foundation. */
function lineOf(job: Job, station: Station): { readonly axis: Axis; readonly offset: number } | undefined {
  if (station.kind === "wall") return job.walls.find((wall) => wall.id === station.id)?.place ?? undefined;
  const part = partNow(job.house, station);
  return part && "line" in part ? { axis: part.line.axis, offset: Number(part.line.offset) } : undefined;
}

/** Where it stands along an axis. */
export function standsAt(job: Job, { station, edge }: Held, axis: Axis): number | undefined {
  const line = lineOf(job, station);
  if (line) return line.offset;
  const part = partNow(job.house, station);
  if (part && "x" in part) return Number(part[axis]);
  return part?.part === "field" && edge ? Number(part[edge]) : undefined;
}

/** The edit that puts it to a place along one axis or both; nothing where it is gone by now. */
export function moved(
  job: Job,
  { station, edge }: Held,
  to: Partial<Record<Axis, number>>,
): Command | undefined {
  const whole = Object.fromEntries(Object.entries(to).map(([axis, at]) => [axis, Math.round(at)]));
  const at = Math.round(to.x ?? to.y ?? 0);
  if (station.kind === "wall") {
    const wall = job.walls.find((each) => each.id === station.id);
    if (!wall?.id || !wall.place) return undefined;
    return { do: "place_wall", wall: wall.id, place: { ...wall.place, offset: at } };
  }
  const part = partNow(job.house, station);
  if (!part) return undefined;
  const change = (part: Schemas["HousePart"]): Command => ({ do: "change_part", part });
  if ("line" in part) return change({ ...part, line: { ...part.line, offset: at } });
  if (part.part === "field") return edge && change({ ...part, [edge]: at });
  return change({ ...part, ...whole });
}

/** So much nearer has a finger to come to a stop of which there are many. */
const WEAKER = 3;

const MIDDLE: Phrase = { id: "page-stop-in-the-middle" };

/** Lines that matter along an axis: what bears below, what stands beside it, half way between two of those. */
export function stopsFor(path: Path, held: Held, axis: Axis): Stop[] {
  const { storey } = held.station;
  const lies = (station: Station) => (station.near && station.far ? station : undefined);
  const middle = (station: Station) => (center(station.near?.[axis]) + center(station.far?.[axis])) / 2;
  const thin = (station: Station) => {
    const wide = center(station.far?.[axis]) - center(station.near?.[axis]);
    return wide <= center(station.far?.[across(axis)]) - center(station.near?.[across(axis)]);
  };
  const others = path.stations.filter((station) => lies(station) && station.id !== held.station.id);
  const lines = (kinds: readonly string[], on: (station: Station) => boolean) =>
    others.filter((station) => kinds.includes(station.kind) && on(station));
  const below = lines(["wall", "beam", "post", "foundation", "pad"], (station) =>
    storey === 0 || storey == null ? station.storey == null : station.storey === storey - 1,
  );
  const here = lines(["wall", "beam", "post"], (station) => station.storey === storey);
  const usable = (station: Station) => station.kind === "post" || station.kind === "pad" || thin(station);
  const over = below.filter(usable).map((station) => stop(middle(station), "page-stop-over", station));
  const beside = here
    .filter(usable)
    .map((station) => stop(middle(station), "page-stop-in-line-with", station));
  const all = [...over, ...beside];
  const studs = lines(
    ["wall"],
    (station) => station.storey === storey || station.storey === (storey ?? 0) - 1,
  ).flatMap((wall) => onTheLayout(wall, axis));
  const places = [...new Set(all.map(({ at }) => at))].sort((a, b) => a - b);
  const first = places[0];
  const last = places[places.length - 1];
  const half = first !== undefined && last !== undefined && first < last ? (first + last) / 2 : undefined;
  return half === undefined ? [...all, ...studs] : [...all, { at: half, why: MIDDLE }, ...studs];
}

/** The studs of a wall that runs along an axis: there are many, so a finger has to be nearer to one. */
function onTheLayout(wall: Station, axis: Axis): Stop[] {
  const { layout, near, far } = wall;
  if (!layout || !near || !far || far[axis] - near[axis] < far[across(axis)] - near[across(axis)]) return [];
  const first = layout.from - Math.floor((layout.from - near[axis]) / layout.every) * layout.every;
  const count = Math.max(0, Math.floor((far[axis] - first) / layout.every) + 1);
  return Array.from({ length: count }, (_, stud) => ({
    ...stop(first + stud * layout.every, "page-stop-on-the-layout", wall),
    weak: true,
  }));
}

const center = (at: number | undefined) => at ?? 0;

function stop(at: number, id: string, station: Station): Stop {
  return { at, why: { id, args: { name: { phrase: station.name as Phrase } } } };
}

/** The stop nearest to a place, if one is within reach. */
export function taken(stops: readonly Stop[], at: number, reach: number): Stop | undefined {
  const near = stops.filter((each) => Math.abs(each.at - at) <= (each.weak ? reach / WEAKER : reach));
  const away = (stop: Stop) => Math.abs(stop.at - at) + (stop.weak ? reach : 0);
  return near.sort((a, b) => away(a) - away(b))[0];
}
