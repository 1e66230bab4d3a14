import type { Schemas } from "../../api/client";
import type { Phrase } from "../../speech/voice";

type Stop = Schemas["SnapView"];

/** Why a place is worth stopping at. */
export const SNAP_WORDS: Record<Stop["reason"], Phrase> = {
  wall_center: { id: "page-centered-on-the-wall" },
  center_clear_of_walls: { id: "page-as-centered-as-the-walls-inside-allow" },
  equal_gaps: { id: "page-equal-gaps" },
  stud_bay: { id: "page-in-a-stud-bay-nothing-cut" },
  left_king_on_layout: { id: "page-left-king-on-the-layout" },
  right_king_on_layout: { id: "page-right-king-on-the-layout" },
};

/** `1 stud saved`; nothing where none is. */
export function studsSaved({ studs_saved }: Stop): Phrase | undefined {
  if (studs_saved === 0) return undefined;
  const id = studs_saved > 0 ? "page-studs-saved" : "page-studs-more";
  return { id, args: { count: { count: Math.abs(studs_saved) } } };
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
