import { type PointerEvent, useRef, useState } from "react";
import type { JobView, Schemas } from "../../api/client";
import { NM_PER_INCH, NM_PER_MILLIMETER, toNearestSixteenth, type Units } from "../../lib/length";
import { type Axis, type Held, moved, movesAlong, type Stop, standsAt, stopsFor, taken } from "./moving";
import type { Path } from "./stations";

/** A finger this near to a stop, in pixels, takes it; one that shakes less than that clicks. */
const REACH = 10;
const SHAKES = 4;

interface Where {
  readonly job: JobView["job"];
  readonly path: Path;
  readonly units: Units;
  readonly make: (command: Schemas["Command"]) => void;
}

/** What is being moved, by how much, and where it has stopped. */
export interface Moving {
  readonly held: Held;
  readonly by: Readonly<Record<Axis, number>>;
  readonly stops: readonly { readonly axis: Axis; readonly stop: Stop }[];
}

/** Holds a part of the house in plan: it follows the pointer across itself, stops at lines that matter, and is let go of. */
export function usePlanDrag(where: Where) {
  const latest = useRef(where);
  latest.current = where;
  const [moving, setMoving] = useState<Moving>();

  /** Nanometers in plan of a way on the screen. */
  function inPlan(svg: SVGSVGElement, pixels: number): number {
    const scale = svg.getScreenCTM()?.a ?? 1;
    return (pixels / scale) * NM_PER_INCH;
  }

  function grab(held: Held, event: PointerEvent<SVGElement>) {
    const svg = event.currentTarget.ownerSVGElement;
    const axes = movesAlong(latest.current.job, held);
    if (event.button !== 0 || !svg || axes.length === 0) return;
    const from = { x: event.clientX, y: event.clientY };
    let now: Moving | undefined;

    function follow(next: globalThis.PointerEvent) {
      if (!svg) return;
      const way = { x: next.clientX - from.x, y: from.y - next.clientY };
      if (!now && Math.hypot(way.x, way.y) < SHAKES) return;
      const { job, path, units } = latest.current;
      const by = { x: 0, y: 0 };
      const stops: { axis: Axis; stop: Stop }[] = [];
      for (const axis of axes) {
        const stands = standsAt(job, held, axis);
        if (stands === undefined) continue;
        const free = stands + inPlan(svg, way[axis]);
        const stop = taken(stopsFor(path, held, axis), free, inPlan(svg, REACH));
        if (stop) stops.push({ axis, stop });
        by[axis] = (stop?.at ?? onTheTape(free, units)) - stands;
      }
      now = { held, by, stops };
      setMoving(now);
    }

    function letGo(last: globalThis.PointerEvent) {
      window.removeEventListener("pointermove", follow);
      window.removeEventListener("pointerup", letGo);
      window.removeEventListener("pointercancel", letGo);
      setMoving(undefined);
      if (!now || last.type === "pointercancel") return;
      const { job, make } = latest.current;
      const { by } = now;
      const to = axes.filter((axis) => by[axis] !== 0);
      const places = to.map((axis) => [axis, (standsAt(job, held, axis) ?? 0) + by[axis]]);
      const command = to.length > 0 ? moved(job, held, Object.fromEntries(places)) : undefined;
      if (command) make(command);
    }

    window.addEventListener("pointermove", follow);
    window.addEventListener("pointerup", letGo);
    window.addEventListener("pointercancel", letGo);
  }

  return { moving, grab };
}

/** To the nearest that a tape shows. */
function onTheTape(at: number, units: Units): number {
  return units === "millimeters"
    ? Math.round(at / NM_PER_MILLIMETER) * NM_PER_MILLIMETER
    : toNearestSixteenth(at);
}
