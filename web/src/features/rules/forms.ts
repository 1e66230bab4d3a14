import type { Settings } from "../../api/client";
import type { FormField } from "../../components/Form";

// What a job's rules ask in figures.

/** How far a header may sag. */
export const LIMITS_FORM: readonly FormField<Settings>[] = [
  {
    at: "live_deflection_limit",
    as: "number",
    label: { id: "page-under-live-load-span-over" },
    hint: { id: "page-360-under-a-roof-only-240-is" },
    input: "live-deflection-limit",
  },
  {
    at: "total_deflection_limit",
    as: "number",
    label: { id: "page-under-all-load-span-over" },
    hint: { id: "page-240-under-a-roof-only-180-is" },
    input: "total-deflection-limit",
  },
  {
    at: "creep",
    as: "number",
    label: { id: "page-creep-of-dead-load-times" },
    hint: { id: "page-1-5-dry-2-0-wet" },
    input: "creep",
  },
  {
    at: "most_sag_over_door",
    as: "maybe_length",
    style: "inches",
    label: { id: "page-over-sliding-and-overhead-doors" },
    hint: { id: "page-empty-for-no-such-limit" },
    input: "most-sag-over-door",
  },
  {
    at: "king_deflection_limit",
    as: "number",
    label: { id: "page-kings-in-wind-height-over" },
    input: "king-deflection-limit",
  },
];

/** What makes roof snow of ground snow. */
export const SNOW_FACTORS_FORM: readonly FormField<Settings>[] = [
  { at: "snow_exposure", as: "number", label: { id: "page-exposure-ce" }, input: "snow-exposure" },
  {
    at: "snow_thermal",
    as: "number",
    label: { id: "page-thermal-ct" },
    hint: { id: "page-for-roofs-that-say-none-of-their" },
    input: "snow-thermal",
  },
  { at: "snow_importance", as: "number", label: { id: "page-importance-i" }, input: "snow-importance" },
  {
    at: "winter_wind",
    as: "number",
    label: { id: "page-winter-wind-w2" },
    hint: { id: "page-7-22-only" },
    input: "winter-wind",
  },
];
