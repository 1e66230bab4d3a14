/** How hard something works, in words and in percent. */
export function percent(ratio: number): string {
  return Number.isFinite(ratio) ? `${Math.round(ratio * 100)} %` : "over";
}

export function dollars(cents: number | null | undefined): string {
  if (cents == null) return "no price";
  return `$${(cents / 100).toFixed(2)}`;
}

export function pounds(value: number): string {
  return `${Math.round(value).toLocaleString("en-US")} lb`;
}

/** "1 jack", "2 jacks". */
export function counted(count: number, word: string): string {
  return `${count} ${word}${count === 1 ? "" : "s"}`;
}
