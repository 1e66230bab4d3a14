import { useCallback, useState } from "react";
import type { Units } from "../lib/length";

export interface Preferences {
  readonly units: Units;
  /** The vocabulary that is spoken, by its name for machines. */
  readonly vocabulary: string;
}

const KEY = "sturvek.speech";
const USUAL: Preferences = { units: "feet_and_inches", vocabulary: "jack" };

function kept(): Preferences {
  try {
    const parsed = JSON.parse(localStorage.getItem(KEY) ?? "{}") as Partial<Preferences>;
    return {
      units: parsed.units === "millimeters" ? "millimeters" : USUAL.units,
      vocabulary: typeof parsed.vocabulary === "string" ? parsed.vocabulary : USUAL.vocabulary,
    };
  } catch {
    // What cannot be read any more is forgotten: it is only a preference.
    return USUAL;
  }
}

/** How this user speaks and measures, kept on this device. */
export function usePreferences(): [Preferences, (part: Partial<Preferences>) => void] {
  const [preferences, setPreferences] = useState(kept);
  const prefer = useCallback((part: Partial<Preferences>) => {
    setPreferences((before) => {
      const after = { ...before, ...part };
      localStorage.setItem(KEY, JSON.stringify(after));
      return after;
    });
  }, []);
  return [preferences, prefer];
}
