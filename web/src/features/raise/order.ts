interface Placed {
  readonly wall: string;
  readonly storey?: string | null;
}

/** The walls' order after one was put before or behind another one of its storey; `undefined` where it cannot go there. */
export function putAt(walls: readonly Placed[], wall: string, at: string): string[] | undefined {
  const order = walls.filter(({ storey }) => storey).map(({ wall }) => wall);
  const storeyOf = (id: string) => walls.find((each) => each.wall === id)?.storey;
  const [from, to] = [order.indexOf(wall), order.indexOf(at)];
  if (from < 0 || to < 0 || from === to || storeyOf(wall) !== storeyOf(at)) return undefined;
  const without = order.filter((id) => id !== wall);
  without.splice(to, 0, wall);
  return without;
}

/** The wall that stands before this one in its storey, or behind it. */
export function besideOf(walls: readonly Placed[], wall: string, by: -1 | 1): string | undefined {
  const at = walls.findIndex((each) => each.wall === wall);
  const beside = walls[at + by];
  return beside?.storey && beside.storey === walls[at]?.storey ? beside.wall : undefined;
}
