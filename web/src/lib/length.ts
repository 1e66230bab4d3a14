/** Lengths are whole nanometers, as the server sends them. This module only writes them; the server reads what people type. */

export type Nanometers = number;

export const NM_PER_INCH: Nanometers = 25_400_000;
export const NM_PER_FOOT: Nanometers = 12 * NM_PER_INCH;
export const NM_PER_SIXTEENTH: Nanometers = NM_PER_INCH / 16;
const NM_PER_SIXTY_FOURTH: Nanometers = NM_PER_INCH / 64;

/** A length taken apart for printing: to the nearest 1/64 in., the fraction in lowest terms. */
export interface LengthParts {
  readonly negative: boolean;
  readonly feet: number;
  readonly inches: number;
  readonly numerator: number;
  readonly denominator: number;
}

/** `inches`: 90 1/2. `feet`: 7'-6 1/2. */
export type LengthStyle = "inches" | "feet";

export function lengthParts(length: Nanometers, style: LengthStyle): LengthParts {
  const sixtyFourths = Math.round(Math.abs(length) / NM_PER_SIXTY_FOURTH);
  const wholeInches = Math.floor(sixtyFourths / 64);
  let numerator = sixtyFourths % 64;
  let denominator = 64;
  while (numerator > 0 && numerator % 2 === 0) {
    numerator /= 2;
    denominator /= 2;
  }
  const feet = style === "feet" ? Math.floor(wholeInches / 12) : 0;
  return { negative: length < 0, feet, inches: wholeInches - 12 * feet, numerator, denominator };
}

/** Plain text, for fields, labels and titles: `7'-6 1/2"`, `90 1/2"`. */
export function lengthText(length: Nanometers, style: LengthStyle = "feet"): string {
  const { negative, feet, inches, numerator, denominator } = lengthParts(length, style);
  const fraction = numerator > 0 ? `${numerator}/${denominator}` : "";
  const sign = negative ? "-" : "";
  if (style === "feet") {
    return `${sign}${feet}'-${inches}${fraction ? ` ${fraction}` : ""}"`;
  }
  const whole = inches > 0 || !fraction ? String(inches) : "";
  return `${sign}${[whole, fraction].filter(Boolean).join(" ")}"`;
}

export function toNearestSixteenth(length: Nanometers): Nanometers {
  return Math.round(length / NM_PER_SIXTEENTH) * NM_PER_SIXTEENTH;
}

/** A typed length as the server holds it: always a number in what it sends out. */
export function nanometers(length: number | string): Nanometers {
  return typeof length === "number" ? length : Number.NaN;
}
