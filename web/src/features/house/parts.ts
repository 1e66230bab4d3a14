import type { JobView, Schemas } from "../../api/client";
import type { Station } from "./stations";

type House = JobView["job"]["house"];

/** The part of the house that a station is, as it is now; nothing for a wall, or where it is gone. */
export function partNow(house: House, { kind, id }: Station): Schemas["HousePart"] | undefined {
  const of = <T extends { id?: string | null }>(list: readonly T[]) => list.find((each) => each.id === id);
  switch (kind) {
    case "beam":
      return tagged("beam", of(house.beams));
    case "foundation":
      return tagged("foundation", of(house.foundations));
    case "post":
      return tagged("post", of(house.posts));
    case "pad":
      return tagged("pad", of(house.pads));
    case "field":
      return tagged("field", of(house.fields));
    default:
      return undefined;
  }
}

const tagged = <P extends string, T extends object>(part: P, of: T | undefined) => of && { part, ...of };
