/** A part of the house: a wall, a storey, or all of it. */
export interface PartOfHouse {
  readonly wall?: string;
  readonly level?: string;
}

/** The part that an address asks for: a wall before a storey. */
export function partOf(asked: URLSearchParams): PartOfHouse {
  const wall = asked.get("wall");
  const level = asked.get("level");
  if (wall) return { wall };
  return level ? { level } : {};
}
