/** What the screen shows, in the order of the work, and what each is called. */
export const VIEWS = [
  ["packs", "page-cutting-packs"],
  ["list", "page-cutting-list"],
  ["sticks", "page-cutting-sticks"],
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
