import type { TouchEvent } from "react";

/** So far along, px, and no further across, a finger goes on to the next. */
const ALONG = 70;
const ACROSS = 45;

interface Point {
  readonly x: number;
  readonly y: number;
}

/** 1 for a finger that went to the left, as a page is turned; -1 to the right; 0 for anything else. */
export function swiped(from: Point, to: Point): -1 | 0 | 1 {
  const along = to.x - from.x;
  if (Math.abs(along) < ALONG || ACROSS < Math.abs(to.y - from.y)) return 0;
  return along < 0 ? 1 : -1;
}

/** Turns from one to the next by a finger. */
export function swipes(turn: (by: -1 | 1) => void) {
  let from: Point | undefined;
  const at = (event: TouchEvent) => {
    const touch = event.changedTouches[0];
    return touch && { x: touch.clientX, y: touch.clientY };
  };
  return {
    // What is slid or typed in has its own use for a finger.
    onTouchStart: (event: TouchEvent) => {
      const own = event.target instanceof Element && event.target.closest("input, select, [data-slides]");
      from = event.touches.length === 1 && !own ? at(event) : undefined;
    },
    onTouchEnd: (event: TouchEvent) => {
      const to = at(event);
      const by = from && to ? swiped(from, to) : 0;
      from = undefined;
      if (by !== 0) turn(by);
    },
  };
}
