import type { Schemas } from "../../../api/client";
import type { Edit } from "../../../api/useJobEditing";

type Framing = Schemas["AnsweredCarriedFraming"];
type FloorFraming = Extract<Framing, { kind: "floor" }>;
type WallAbove = Extract<Framing, { kind: "wall_above" }>;
type Item = Schemas["AnsweredCarriedItem"];
type Sent = Schemas["CarriedItem"];
type Settings = Schemas["Settings"];

/** Changes what lands on a wall, as it is when the edit's turn comes. */
export function carriesEdit(wall: string, make: (items: readonly Item[]) => Sent[]): Edit {
  return (now) => {
    const before = now.walls.find((each) => each.id === wall)?.carries;
    return before && { do: "change_carries", wall, carries: { ...before, items: make(before.items) } };
  };
}

/** Changes the job's settings, as they are when the edit's turn comes. */
export function settingsEdit(part: Partial<Settings>): Edit {
  return (now) => ({ do: "change_settings", settings: { ...now.settings, ...part } });
}

const floors = (items: readonly Item[], change: (floor: FloorFraming) => FloorFraming): Item[] =>
  items.map((item) => (item.what.kind === "floor" ? { ...item, what: change(item.what) } : item));

const wallsAbove = (items: readonly Item[], change: (wall: WallAbove) => WallAbove): Item[] =>
  items.map((item) => (item.what.kind === "wall_above" ? { ...item, what: change(item.what) } : item));

const openTail = (floor: FloorFraming) => floor.tail === "not_said" || floor.tail === "assumed_free";

/** What stands on the tails of a wall's floors that nobody said anything of. */
export const sayTail = (wall: string, tail: "free" | "loaded") =>
  carriesEdit(wall, (items) => floors(items, (floor) => (openTail(floor) ? { ...floor, tail } : floor)));

/** That the roof lands on this wall itself, with no wall between it and the floor. */
export const sayNoWallBetween = (wall: string) =>
  carriesEdit(wall, (items) => floors(items, (floor) => ({ ...floor, no_wall_above: true })));

/** That the walls above have no openings over this wall's. */
export const sayNoOpeningsAbove = (wall: string) =>
  carriesEdit(wall, (items) =>
    wallsAbove(items, (above) =>
      above.openings_above?.are === "at" ? above : { ...above, openings_above: { are: "none" } },
    ),
  );
