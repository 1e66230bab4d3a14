import type { Schemas } from "../../api/client";
import type { Planning } from "../../lib/planning";

/** What the screen shows, in the order of the work, and what each is called. */
export const VIEWS = [
  ["packs", "page-cutting-packs"],
  ["list", "page-cutting-list"],
  ["sticks", "page-cutting-sticks"],
  ["buy", "page-cutting-buy"],
] as const;
export type Shown = (typeof VIEWS)[number][0];

/** What was asked for; what is built first where nothing was. */
export function shownOf(asked: string | null): Shown {
  return VIEWS.find(([each]) => each === asked)?.[0] ?? "packs";
}

/** Where each cut begins on a stick that is drawn so wide, with the saw's own width between two. */
export function cutsOn(
  cuts: readonly number[],
  kerf: number,
  length: number,
  width: number,
): { readonly from: number; readonly wide: number }[] {
  const scale = width / length;
  let at = 0;
  return cuts.map((cut) => {
    const from = at * scale;
    at += cut + kerf;
    return { from, wide: cut * scale };
  });
}

/** Where the list or the order lies as a file for a spreadsheet, as this user is spoken to. */
export function fileAddress(
  job: string,
  shown: "cut" | "sticks",
  form: "csv" | "xlsx",
  asked: Readonly<Record<string, string>>,
): string {
  return `/api/jobs/${job}/${shown}/${form}?${new URLSearchParams(asked)}`;
}

/** How sticks are planned, as it stands in an address. */
export function planningText(planning: Planning): Readonly<Record<string, string>> {
  return Object.fromEntries(Object.entries(planning).map(([name, value]) => [name, String(value)]));
}

type Sticks = Pick<Schemas["SticksView"], "deliveries" | "names">;

/** The first stick that is cut, with its cuts and who gets them; `undefined` where nothing is. */
export function nextStick({ deliveries, names }: Sticks) {
  for (const { section, sticks } of deliveries.flatMap((delivery) => delivery.sections)) {
    const stick = sticks[0];
    const pieces = stick?.pieces[0];
    if (!stick || !pieces) continue;
    const cuts = stick.cuts.map((length, place) => ({ length, name: names[pieces[place] ?? -1] }));
    return { section, stick, cuts };
  }
  return undefined;
}
