import type { Schemas } from "../../api/client";

type Stop = Schemas["SnapView"];

/** Why a place is worth stopping at. */
export const SNAP_WORDS: Record<Stop["reason"], string> = {
  wall_center: "centered on the wall",
  center_clear_of_walls: "as centered as the walls inside allow",
  equal_gaps: "equal gaps",
  stud_bay: "in a stud bay, nothing cut",
  left_king_on_layout: "left king on the layout",
  right_king_on_layout: "right king on the layout",
};

/** `, 1 stud saved`; nothing where none is. */
export function studsSaved({ studs_saved }: Stop): string {
  if (studs_saved === 0) return "";
  const count = Math.abs(studs_saved);
  return `, ${count} ${count === 1 ? "stud" : "studs"} ${studs_saved > 0 ? "saved" : "more"}`;
}

/** One stop of each kind: the one nearest to where the opening is; of those on the layout the one that saves most. */
export function placesToGo(stops: readonly Stop[], center: number): Stop[] {
  const best = new Map<string, Stop>();
  for (const stop of stops) {
    const kind = stop.reason.endsWith("on_layout") ? "on_layout" : stop.reason;
    const known = best.get(kind);
    const nearer = (one: Stop, other: Stop) =>
      Math.abs(one.center - center) < Math.abs(other.center - center);
    const better =
      known === undefined ||
      stop.studs_saved > known.studs_saved ||
      (stop.studs_saved === known.studs_saved && nearer(stop, known));
    if (kind === "on_layout" ? better : known === undefined || nearer(stop, known)) best.set(kind, stop);
  }
  return [...best.values()].filter((stop) => stop.center !== center);
}
