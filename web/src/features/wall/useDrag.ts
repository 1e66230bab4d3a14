import { type PointerEvent, useRef, useState } from "react";
import type { OpeningView, Schemas, WallView } from "../../api/client";
import { useSteady } from "../../components/useSteady";
import { NM_PER_MILLIMETER, toNearestSixteenth, type Units } from "../../lib/length";
import { nearest, type Scale } from "../../lib/scale";
import { type Hold, IDLE, pointTo, press } from "./dragging";
import type { usePendingMove } from "./usePendingMove";

type Stop = Schemas["SnapView"];

/** A finger this near to a stop, in pixels, takes it. */
const REACH = 9;

interface Where {
  readonly view: WallView;
  readonly scale: Scale;
  /** Places worth stopping at. */
  readonly stops: readonly Stop[];
  readonly units: Units;
  readonly select: (opening: string) => void;
  readonly move: Pick<ReturnType<typeof usePendingMove>, "moveTo" | "commit">;
}

/** Holds an opening by pointer: it follows along the wall, stops at places worth stopping at, and is let go of. */
export function useDrag(where: Where) {
  const hold = useRef<Hold>(IDLE);
  const latest = useRef(where);
  latest.current = where;
  // They come after the opening is chosen, and stand as they were when it was taken hold of.
  const known = useRef(where.stops);
  if (hold.current === IDLE || known.current.length === 0) known.current = where.stops;
  const [stop, setStop] = useState<Stop>();

  function follow(event: globalThis.PointerEvent) {
    const { view, scale, units, move } = latest.current;
    hold.current = pointTo(hold.current, event.clientX);
    if (hold.current.is !== "dragging") return;
    const { opening, from } = hold.current;
    const free = opening.center + scale.length(event.clientX - from);
    const taken = nearest(known.current, free, scale.length(REACH));
    setStop(taken);
    move.moveTo(opening.id, Math.min(Math.max(taken?.center ?? onTheTape(free, units), 0), view.length));
  }

  function letGo() {
    window.removeEventListener("pointermove", follow);
    window.removeEventListener("pointerup", letGo);
    window.removeEventListener("pointercancel", letGo);
    const moved = hold.current.is === "dragging";
    hold.current = IDLE;
    setStop(undefined);
    if (moved) void latest.current.move.commit();
  }

  return {
    stop,
    grab: useSteady((opening: OpeningView, event: PointerEvent<SVGElement>) => {
      if (event.button !== 0) return;
      where.select(opening.id);
      hold.current = press(opening, event.clientX);
      window.addEventListener("pointermove", follow);
      window.addEventListener("pointerup", letGo);
      window.addEventListener("pointercancel", letGo);
    }),
  };
}

/** To the nearest that a tape shows. */
function onTheTape(at: number, units: Units): number {
  return units === "millimeters"
    ? Math.round(at / NM_PER_MILLIMETER) * NM_PER_MILLIMETER
    : toNearestSixteenth(at);
}
