export const TRUCKS = ["once", "twice", "storeys"] as const;
export const PRICES = ["yard", "own"] as const;

/** How sticks are planned: how often the truck comes, whose prices, what the saw takes (nanometers), how many more (percent). */
export interface Planning {
  readonly trucks: (typeof TRUCKS)[number];
  readonly prices: (typeof PRICES)[number];
  readonly kerf: number;
  readonly allowance: number;
}

/** Widths of blades, in sixty-fourths of an inch. */
const BLADES = [4, 6, 8, 12] as const;
const NANOMETERS = 25_400_000;
export const KERFS = BLADES.map((width) => (width * NANOMETERS) / 64);
export const USUAL_KERF = (8 * NANOMETERS) / 64;
/** Sticks on top of the plan, percent. */
export const ALLOWANCES = [0, 5, 10, 15] as const;

/** What was asked for in the address; what is nowhere there is the usual. */
export function planningOf(asked: URLSearchParams): Planning {
  const kerf = Number(asked.get("kerf"));
  const allowance = Number(asked.get("allowance"));
  return {
    trucks: TRUCKS.find((each) => each === asked.get("trucks")) ?? "twice",
    prices: PRICES.find((each) => each === asked.get("prices")) ?? "yard",
    kerf: KERFS.includes(kerf) ? kerf : USUAL_KERF,
    allowance: ALLOWANCES.find((each) => each === allowance) ?? 0,
  };
}
