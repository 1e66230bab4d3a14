/** Whether it works harder than it may; what carries nothing at all has no ratio. */
export function isOver(ratio: number | null | undefined): boolean {
  return ratio == null || ratio > 1;
}

/** A price; the currency is the job's. */
export function dollars(cents: number): string {
  return `$${(cents / 100).toFixed(2)}`;
}
