import { useCallback, useEffect, useState } from "react";
import { LANGUAGES, VOCABULARIES } from "./catalogs";
import type { Voice } from "./voice";

export type Preferences = Voice;

const KEY = "sturvek.speech";
export const USUAL: Preferences = { language: "en", units: "feet_and_inches", vocabulary: "jack" };

/** The one of a few that is asked for, or the usual one. */
function oneOf<T extends string>(few: readonly T[], asked: unknown, usual: T): T {
  return few.find((each) => each === asked) ?? usual;
}

function kept(): Preferences {
  try {
    const parsed = JSON.parse(localStorage.getItem(KEY) ?? "{}") as Partial<
      Record<keyof Preferences, unknown>
    >;
    return {
      language: oneOf(LANGUAGES, parsed.language, USUAL.language),
      units: oneOf(["feet_and_inches", "millimeters"] as const, parsed.units, USUAL.units),
      vocabulary: oneOf(VOCABULARIES, parsed.vocabulary, USUAL.vocabulary),
    };
  } catch {
    // What cannot be read any more is forgotten: it is only a preference.
    return USUAL;
  }
}

/** How this user is spoken to, kept on this device. */
export function usePreferences(): [Preferences, (part: Partial<Preferences>) => void] {
  const [preferences, setPreferences] = useState(kept);
  // Whoever has the page read to them hears it in its language.
  useEffect(() => {
    document.documentElement.lang = preferences.language === "es" ? "es" : "en";
  }, [preferences.language]);
  const prefer = useCallback((part: Partial<Preferences>) => {
    setPreferences((before) => {
      const after = { ...before, ...part };
      localStorage.setItem(KEY, JSON.stringify(after));
      return after;
    });
  }, []);
  return [preferences, prefer];
}
