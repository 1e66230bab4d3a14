import type { Settings } from "../../../api/client";
import type { Phrase } from "../../../speech/voice";

/** What the snow figure is, said in its field's label: a map value at strength level is not an allowable load. */
export function snowLabel(settings: Settings): Phrase {
  if (settings.snow_basis === "roof") return { id: "page-roof-snow-my-own-allowable" };
  return settings.snow_edition === "asce7_from22"
    ? { id: "page-ground-snow-7-22-map-value" }
    : { id: "page-ground-snow-allowable" };
}

/** The figure as far as somebody said it: one that nobody said is not shown as if it were. */
export function snowSaid(settings: Settings): number | undefined {
  return settings.snow_said === "not_said" ? undefined : settings.snow;
}
