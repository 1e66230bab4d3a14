import type { JobView } from "../../api/client";
import { NM_PER_INCH } from "../../lib/length";
import type { Path, Station } from "./stations";

// The house as a line drawing seen from a corner above, in inches: where each station stands in it, and how wide its loads flow.

type Job = JobView["job"];

/** A place in the house, in. */
export interface Place3 {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

/** A place on paper. */
export interface Place2 {
  readonly x: number;
  readonly y: number;
}

/** Seen from the near left corner above; heights stay true. */
export function seen({ x, y, z }: Place3): Place2 {
  return { x: 0.9 * x + 0.5 * y, y: 0.22 * x - 0.4 * y - z };
}

/** How high a storey stands, and how high its walls are. */
export interface Storey {
  readonly base: number;
  readonly height: number;
}

/** Joists and what lies on them, between two storeys. */
const FLOOR = 12;

/** The storeys, pulled apart by so much. */
export function storeys(levels: readonly { readonly height: number }[], apart: number): Storey[] {
  let base = 0;
  return levels.map(({ height }) => {
    const storey = { base, height: height / NM_PER_INCH };
    base += storey.height + FLOOR + apart;
    return storey;
  });
}

/** What stands from where to where. */
export interface Solid {
  readonly near: Place3;
  readonly far: Place3;
}

/** How deep the ground is drawn, and what stands on it above it. */
const GROUND = { foundation: [-30, 0], pad: [-42, -30], slab: [-6, 0] } as const;
const BEAM = 10;
const FIELD = 6;
const HEADER = 10;

/** Where a station stands; nothing of what is everywhere. */
export function solid(job: Job, all: readonly Storey[], station: Station, apart: number): Solid | undefined {
  const { near, far, kind } = station;
  if (!near || !far) return undefined;
  const of = station.storey == null ? undefined : all[station.storey];
  const [low, high] = heights(job, of, station, apart);
  const at = (spot: { x: number; y: number }, z: number) => ({
    x: spot.x / NM_PER_INCH,
    y: spot.y / NM_PER_INCH,
    z,
  });
  return kind === "slab" ? undefined : { near: at(near, low), far: at(far, high) };
}

function heights(
  job: Job,
  of: Storey | undefined,
  station: Station,
  apart: number,
): readonly [number, number] {
  const top = of ? of.base + of.height : 0;
  switch (station.kind) {
    case "foundation":
    case "pad": {
      const [low, high] = GROUND[station.kind];
      return [low - apart, high - apart];
    }
    case "field":
      return [top, top + FIELD];
    case "beam":
      return [top - BEAM, top];
    case "point":
      return [top, top];
    case "break":
      return of ? [of.base - FLOOR, of.base] : [0, 0];
    case "opening":
      return openingHeights(job, of, station);
    default:
      return [of?.base ?? 0, top];
  }
}

function openingHeights(job: Job, of: Storey | undefined, station: Station): readonly [number, number] {
  const opening = job.walls.flatMap((wall) => wall.openings).find((each) => each.id === station.id);
  const base = of?.base ?? 0;
  if (!opening) return [base, base];
  const { sill, unit_height } = opening.design;
  const head = Math.min((Number(sill) + Number(unit_height)) / NM_PER_INCH, (of?.height ?? 0) - HEADER);
  return [base + Math.min(Number(sill) / NM_PER_INCH, head), base + head];
}

/** The corners of what stands there, bottom then top, each from the near left around. */
export function corners({ near, far }: Solid): readonly [Place2[], Place2[]] {
  const around = (z: number) =>
    [
      { x: near.x, y: near.y, z },
      { x: far.x, y: near.y, z },
      { x: far.x, y: far.y, z },
      { x: near.x, y: far.y, z },
    ].map(seen);
  return [around(near.z), around(far.z)];
}

const half = (a: number, b: number) => (a + b) / 2;

/** Where load comes to a station, and where it leaves it. */
export function passes({ near, far }: Solid): { readonly comes: Place2; readonly leaves: Place2 } {
  const middle = { x: half(near.x, far.x), y: half(near.y, far.y) };
  return { comes: seen({ ...middle, z: far.z }), leaves: seen({ ...middle, z: near.z }) };
}

/** A band of load from one station to the next. */
export interface Band {
  readonly from: number;
  readonly to: number;
  readonly pounds: number;
  readonly width: number;
  readonly d: string;
}

/** The widest band, in. of the drawing. */
const WIDEST = 26;

/** The bands of all flows: as wide as they bring pounds, the largest the widest. */
export function bands(path: Path, solids: readonly (Solid | undefined)[]): Band[] {
  const flows = path.flows.map((flow) => ({
    ...flow,
    pounds: flow.brings.reduce((sum, { pounds }) => sum + Math.abs(pounds), 0),
  }));
  const largest = Math.max(...flows.map(({ pounds }) => pounds), 1);
  return flows.flatMap(({ from, to, pounds }) => {
    const [above, below] = [solids[from], solids[to]];
    if (!above || !below || pounds <= 0) return [];
    const a = passes(above).leaves;
    const b = passes(below).comes;
    const bend = (b.y - a.y) / 2;
    const d = `M${a.x} ${a.y} C${a.x} ${a.y + bend} ${b.x} ${b.y - bend} ${b.x} ${b.y}`;
    return [{ from, to, pounds, width: Math.max(1, (WIDEST * pounds) / largest), d }];
  });
}

/** Of what arrives at a station on a way, which part other ways bring; 0 where it is this way's alone. */
export function sharedPart(path: Path, way: ReadonlySet<number>, station: number): number {
  const sum = (own: boolean) =>
    path.flows
      .filter(({ from, to }) => to === station && way.has(from) === own)
      .flatMap(({ brings }) => brings)
      .reduce((all, { pounds }) => all + Math.abs(pounds), 0);
  const [own, others] = [sum(true), sum(false)];
  return own + others === 0 ? 0 : others / (own + others);
}

/** The station of some that works hardest; none where none has a number. */
export function hardest(path: Path, among: Iterable<number>): number | undefined {
  let best: number | undefined;
  for (const index of among) {
    const works = path.stations[index]?.works;
    if (works != null && works > (path.stations[best ?? -1]?.works ?? -1)) best = index;
  }
  return best;
}
