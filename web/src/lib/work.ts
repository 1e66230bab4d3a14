/** How hard something works, in words and in percent. */
export function percent(ratio: number): string {
  return Number.isFinite(ratio) ? `${Math.round(ratio * 100)} %` : "over";
}

/** A price; the currency is the job's. */
export function dollars(cents: number): string {
  return `$${(cents / 100).toFixed(2)}`;
}
