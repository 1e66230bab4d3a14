/** What takes room along a line, in pixels. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** The row that each stretch is laid in so that none lies over another: the first row that has room, in the order they are given. */
export function laidInRows(stretches: readonly Stretch[]): number[] {
  const rows: Stretch[][] = [];
  return stretches.map((stretch) => {
    const free = rows.findIndex((row) =>
      row.every((other) => stretch.to <= other.from || other.to <= stretch.from),
    );
    if (free >= 0) {
      rows[free]?.push(stretch);
      return free;
    }
    rows.push([stretch]);
    return rows.length - 1;
  });
}

/** How many rows were used. */
export const rowsOf = (rows: readonly number[]) => rows.reduce((most, row) => Math.max(most, row + 1), 0);
