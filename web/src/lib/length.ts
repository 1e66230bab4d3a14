/** Lengths are whole nanometers, as the server sends them. This module only writes them; the server reads what people type. */

export type Nanometers = number;

/** What a user reads lengths in. */
export type Units = "feet_and_inches" | "millimeters";

export const NM_PER_INCH: Nanometers = 25_400_000;
export const NM_PER_FOOT: Nanometers = 12 * NM_PER_INCH;
export const NM_PER_SIXTEENTH: Nanometers = NM_PER_INCH / 16;
export const NM_PER_MILLIMETER: Nanometers = 1_000_000;
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

/** Exact millimeters: every length is whole nanometers, so six decimals always suffice. */
export function millimeterText(length: Nanometers): string {
  const whole = Math.trunc(Math.abs(length) / NM_PER_MILLIMETER);
  const rest = Math.abs(length) % NM_PER_MILLIMETER;
  const decimals = rest === 0 ? "" : `.${String(rest).padStart(6, "0").replace(/0+$/, "")}`;
  return `${length < 0 ? "-" : ""}${whole}${decimals}`;
}

/** Millimeters to a tenth, as they are read: what is whole stays whole. */
export function tenths(length: Nanometers): string {
  const rounded = Math.round(Math.abs(length) / (NM_PER_MILLIMETER / 10));
  const sign = length < 0 && rounded > 0 ? "-" : "";
  const rest = rounded % 10;
  return `${sign}${Math.trunc(rounded / 10)}${rest === 0 ? "" : `.${rest}`}`;
}

/** A bare number as its writer meant it: in millimeters, for who reads them. Everything else is left to the server. */
export function asTyped(text: string, units: Units): string {
  const bare = /^\s*\d+([.,]\d+)?\s*$/.test(text);
  return bare && units === "millimeters" ? `${text.trim().replace(",", ".")} mm` : text;
}

export function toNearestSixteenth(length: Nanometers): Nanometers {
  return Math.round(length / NM_PER_SIXTEENTH) * NM_PER_SIXTEENTH;
}
