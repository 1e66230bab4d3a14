/** Where so many people stand along a stretch: as far apart as there is room, half a space from its ends. */
export function standing(people: number, from: number, to: number): number[] {
  const space = (to - from) / Math.max(people, 1);
  return Array.from({ length: people }, (_, place) => from + space * (place + 0.5));
}

interface FromTo {
  readonly from: number;
  readonly to: number;
}

/** Where panels end, when the one that begins at a place begins elsewhere: in order, each within the wall. */
export function endsWith(panels: readonly FromTo[], moved: number, to: number): number[] {
  const last = panels.at(-1)?.to ?? 0;
  const ends = panels.slice(1).map(({ from }, place) => (place + 1 === moved ? to : from));
  return ends.map((end) => Math.max(0, Math.min(end, last))).sort((a, b) => a - b);
}
