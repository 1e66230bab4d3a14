import type { Climbing } from "./wall";

/**
 * The corners of a member whose edges climb, from its lower left around: the box it is sent in is as high as its highest and its
 * lowest corner.
 */
export function corners(member: Climbing): readonly (readonly [number, number])[] {
  const { x, y, width, height, climb_bottom, climb_top } = member;
  const low = y + Math.max(-climb_bottom, 0);
  const high = y + height - Math.max(climb_top, 0);
  return [
    [x, low],
    [x + width, low + climb_bottom],
    [x + width, high + climb_top],
    [x, high],
  ];
}
