import type { Scale } from "../lib/scale";
import { laidInRows } from "./rows";
import { SMALL, widthOf } from "./text";
import type { DrawnMark } from "./wall";

/** The plate that is read: the sole plate, or the top plates. */
export type Plate = "sole" | "top";

/** The marks that a plate carries. */
export function marksOn<Mark extends Pick<DrawnMark, "on">>(marks: readonly Mark[], plate: Plate): Mark[] {
  return marks.filter((mark) => mark.on === "both" || mark.on === plate);
}

/** Marks that touch, read as one: `KJ`, `JJK`. */
export interface MarkGroup {
  readonly letters: string;
  readonly from: number;
  readonly to: number;
  readonly opening: string | null | undefined;
}

export function markGroups(marks: readonly DrawnMark[]): MarkGroup[] {
  const groups: MarkGroup[] = [];
  for (const mark of marks) {
    const last = groups.at(-1);
    if (last && mark.at <= last.to) {
      groups[groups.length - 1] = {
        letters: last.letters + mark.label,
        from: last.from,
        to: mark.at + mark.width,
        opening: last.opening ?? mark.opening,
      };
    } else {
      groups.push({ letters: mark.label, from: mark.at, to: mark.at + mark.width, opening: mark.opening });
    }
  }
  return groups;
}

/** The row in which each group's letters stand, from the plate up: the selected opening's first, then packs, then the rest; none is left out. */
export function labelRows(
  groups: readonly MarkGroup[],
  scale: Pick<Scale, "x">,
  selected: string | undefined,
): Map<MarkGroup, number> {
  const rank = (group: MarkGroup) =>
    selected !== undefined && group.opening === selected ? 0 : /[KJP]/.test(group.letters) ? 1 : 2;
  const ordered = [...groups].sort((a, b) => rank(a) - rank(b) || a.from - b.from);
  const rows = laidInRows(
    ordered.map((group) => {
      const middle = scale.x((group.from + group.to) / 2);
      const half = widthOf(group.letters, SMALL) / 2;
      return { from: middle - half, to: middle + half };
    }),
  );
  return new Map(ordered.map((group, index) => [group, rows[index] ?? 0]));
}
