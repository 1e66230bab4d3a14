import type { Schemas } from "../../api/client";

export type Station = Schemas["StationView"];
export type Path = Schemas["PathView"];

/** Which stations the load of one comes from and goes to, itself with them. */
export function onTheWay(path: Path, picked: number): ReadonlySet<number> {
  const found = new Set([picked]);
  const follow = (here: "from" | "to", there: "from" | "to") => {
    const next = [picked];
    for (let at = next.pop(); at !== undefined; at = next.pop()) {
      for (const flow of path.flows) {
        if (flow[here] !== at || found.has(flow[there])) continue;
        found.add(flow[there]);
        next.push(flow[there]);
      }
    }
  };
  follow("from", "to");
  follow("to", "from");
  return found;
}

/** Nanometers in an inch: drawings are in inches, for nanometers are more than a drawing can count. */
const INCH = 25_400_000;

/** A rectangle in plan, inches, y away from the viewer and so up the page. */
export interface Drawn {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export function drawn({ near, far }: Station): Drawn | undefined {
  if (!near || !far) return undefined;
  return {
    x: near.x / INCH,
    y: -far.y / INCH,
    width: (far.x - near.x) / INCH,
    height: (far.y - near.y) / INCH,
  };
}

/** Around all of them, with room at the edges. */
export function around(all: readonly Drawn[], room: number): Drawn {
  const left = Math.min(...all.map((each) => each.x));
  const top = Math.min(...all.map((each) => each.y));
  const right = Math.max(...all.map((each) => each.x + each.width));
  const bottom = Math.max(...all.map((each) => each.y + each.height));
  return { x: left - room, y: top - room, width: right - left + 2 * room, height: bottom - top + 2 * room };
}

/** Lines along the joists of a field, so far apart. */
export function joists(of: Drawn, span: "x" | "y", apart: number): [number, number, number, number][] {
  const across = span === "x" ? of.height : of.width;
  const count = Math.floor(across / apart);
  return Array.from({ length: count + 1 }, (_, index) => {
    const at = (across - count * apart) / 2 + index * apart;
    return span === "x"
      ? [of.x, of.y + at, of.x + of.width, of.y + at]
      : [of.x + at, of.y, of.x + at, of.y + of.height];
  });
}
