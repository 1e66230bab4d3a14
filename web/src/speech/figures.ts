import type { Schemas } from "../api/client";
import { type LengthStyle, lengthText, type Nanometers, tenths, type Units } from "../lib/length";

export type QuantityUnit = Schemas["QuantityUnit"];

/** Newtons in a pound. */
const POUND = 4.4482216152605;
/** Millimeters in an inch. */
const INCH = 25.4;
/** Significant figures of what was computed in pounds and is said in newtons. */
const METRIC_FIGURES = 3;

interface Symbols {
  /** As a carpenter writes it. */
  readonly own: string;
  /** As the calculation sheet writes it, where that is another way. */
  readonly onSheet?: string;
  /** What a figure is multiplied with, and the metric unit. */
  readonly metric?: readonly [number, string];
}

const UNITS: Readonly<Record<QuantityUnit, Symbols>> = {
  none: { own: "" },
  cents: { own: "" },
  inches: { own: "in.", metric: [INCH, "mm"] },
  feet: { own: "ft", metric: [(12 * INCH) / 1000, "m"] },
  square_inches: { own: "in.²", metric: [INCH ** 2, "mm²"] },
  square_feet: { own: "sq. ft.", metric: [(144 * INCH ** 2) / 1e6, "m²"] },
  cubic_inches: { own: "in.³", metric: [INCH ** 3, "mm³"] },
  inches_fourth: { own: "in.⁴", metric: [INCH ** 4, "mm⁴"] },
  pounds: { own: "lb", metric: [POUND / 1000, "kN"] },
  pounds_per_foot: { own: "lb/ft", metric: [POUND / (12 * INCH), "kN/m"] },
  pounds_per_inch: { own: "lb/in.", metric: [POUND / INCH, "kN/m"] },
  pounds_per_square_foot: {
    own: "psf",
    onSheet: "lb/ft²",
    metric: [(POUND / (144 * INCH ** 2)) * 1000, "kPa"],
  },
  pounds_per_cubic_foot: { own: "lb/ft³", metric: [0.45359237 / 0.3048 ** 3, "kg/m³"] },
  miles_per_hour: { own: "mph", metric: [1.609344, "km/h"] },
  psi: { own: "psi", metric: [POUND / INCH ** 2, "MPa"] },
  pound_inches: { own: "lb·in.", metric: [(POUND * INCH) / 1e6, "kN·m"] },
};

/** A length in a user's units; in millimeters to a tenth. */
export function lengthIn(units: Units, length: Nanometers, style: LengthStyle): string {
  return units === "millimeters" ? `${tenths(length)} mm` : lengthText(length, style);
}

/** A quantity to so many decimals in its own unit, or to three figures in the metric one. */
export function quantityIn(units: Units, value: number, unit: QuantityUnit, decimals: number): string {
  const { own, metric } = UNITS[unit];
  if (units === "millimeters" && metric) {
    return `${significant(value * metric[0], METRIC_FIGURES)} ${metric[1]}`;
  }
  return `${fixed(value, decimals)} ${own}`.trimEnd();
}

/** A result of the working in the code's unit; who measures in millimeters reads it in theirs beside it. What is beyond all bounds says so. */
export function resultIn(units: Units, value: number | null | undefined, unit: QuantityUnit): string {
  if (value == null) return "∞";
  const { own, onSheet = own, metric } = UNITS[unit];
  const result = `${significant(value, 6)} ${onSheet}`.trimEnd();
  if (units !== "millimeters" || !metric) return result;
  return `${result} (${significant(value * metric[0], METRIC_FIGURES)} ${metric[1]})`;
}

/** What a figure typed in the user's unit is in the unit that is computed in, and the other way. */
export function metricOf(unit: QuantityUnit): readonly [number, string] | undefined {
  return UNITS[unit].metric;
}

/** The unit as it stands after a field. */
export function unitText(units: Units, unit: QuantityUnit): string {
  const { own, metric } = UNITS[unit];
  return units === "millimeters" && metric ? metric[1] : own;
}

export function percentText(ratio: number | null | undefined): string {
  return ratio == null || !Number.isFinite(ratio) ? "∞ %" : `${fixed(100 * ratio, 0)} %`;
}

function fixed(value: number, decimals: number): string {
  const parts = 10 ** decimals;
  const rounded = (Math.sign(value) * Math.round(Math.abs(value) * parts)) / parts;
  return (rounded === 0 ? 0 : rounded).toFixed(decimals);
}

/** To so many significant figures, without trailing zeros; what is as good as nothing is 0. */
export function significant(value: number, figures: number): string {
  if (Math.abs(value) < 1e-12) return "0";
  const decimals = Math.max(figures - 1 - Math.floor(Math.log10(Math.abs(value))), 0);
  const text = value.toFixed(Math.min(decimals, 100));
  return text.includes(".") ? text.replace(/\.?0+$/, "") : text;
}

/** A computed figure to four places, in the user's unit. */
export function figureIn(units: Units, value: number, unit: QuantityUnit): string {
  const { own, metric } = UNITS[unit];
  if (units === "millimeters" && metric) return `${significant(value * metric[0], 4)} ${metric[1]}`;
  return `${significant(value, 4)} ${own}`.trimEnd();
}

/** A quantity without its unit, which stands over the column. */
export function bare(units: Units, value: number, unit: QuantityUnit, decimals: number): string {
  const { metric } = UNITS[unit];
  return units === "millimeters" && metric
    ? significant(value * metric[0], METRIC_FIGURES)
    : fixed(value, decimals);
}

/** A figure typed in the user's unit, in the unit that is computed in. */
export function asComputed(units: Units, typed: string, unit: QuantityUnit): number {
  const [times] = (units === "millimeters" && UNITS[unit].metric) || [1];
  return Number(typed.trim().replace(",", ".")) / times;
}

/** Kilograms in a pound. */
const KILOGRAMS = 0.45359237;

/** What something weighs, from pounds. */
export function weightIn(units: Units, pounds: number): string {
  return units === "millimeters"
    ? `${significant(pounds * KILOGRAMS, METRIC_FIGURES)} kg`
    : `${fixed(pounds, 0)} lb`;
}
