import type { Wall, WallView } from "../../api/client";
import type { Landing, LandingBand } from "../../drawing/landing";
import { KIND_NAMES } from "./loads/usual";

const SHAPES = { roof: "roof", floor: "floor", wall_above: "wall", gable: "gable" } as const;

/** What lands on a wall, to be drawn over its top plate. */
export function landingOf(
  wall: Pick<Wall, "carries" | "point_loads">,
  view: Pick<WallView, "length" | "load_points" | "members">,
): Landing {
  const bands = wall.carries.items.flatMap(({ what, from, to }): LandingBand[] =>
    what.kind === "ridge_post"
      ? []
      : [{ shape: SHAPES[what.kind], name: KIND_NAMES[what.kind], from: from ?? 0, to: to ?? view.length }],
  );
  const blocks = view.members.filter(({ role }) => role === "squash_block");
  const on = (at: number) =>
    Math.max(0, ...blocks.filter(({ x, width }) => x <= at && at <= x + width).map(({ height }) => height));
  const brought = view.load_points.map(({ at, source, parts }) => ({
    at,
    name: { id: source },
    pounds: parts.reduce((sum, part) => sum + part.lb, 0),
    on: on(at),
  }));
  const own = wall.point_loads.map(({ at, name, dead, floor_live, roof_live, snow }) => ({
    at,
    name,
    pounds: dead + floor_live + roof_live + snow,
    on: on(at),
  }));
  return { bands: wall.carries.bearing ? bands : [], points: [...brought, ...own] };
}
