/**
 * A number as people type it into a field: with a point or a comma, with the field's own unit behind it (`40 psf`), and a pitch as it is
 * said (`6/12`, `6:12`, `6 in 12`). Nothing where it is none: another unit than the field's is no number of it.
 */
export function typedNumber(text: string, unit: string | undefined, isPitch = false): number | undefined {
  const letters = (words: string) => words.toLowerCase().replace(/[\s.]/g, "");
  const [, digits = "", rest = ""] = /^\s*([-+]?\d*(?:[.,]\d+)?)\s*(.*?)\s*$/.exec(text) ?? [];
  const isUnit = rest === "" || (unit !== undefined && letters(rest) === letters(unit));
  const isInTwelve = isPitch && /^(?:\/|:|in|on|en)\s*12$/.test(rest.toLowerCase());
  const value = Number(digits.replace(",", "."));
  return digits !== "" && Number.isFinite(value) && (isUnit || isInTwelve) ? value : undefined;
}
