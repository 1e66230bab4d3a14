import { useQuery } from "@tanstack/react-query";
import { createContext, type ReactNode, useContext, useMemo } from "react";
import { wordsQuery } from "../api/queries";
import { type LengthStyle, lengthText, millimeterText, type Nanometers, type Units } from "../lib/length";
import { makeVoice, otherNamesOf, type Vocabulary } from "../lib/voice";
import { type Preferences, usePreferences } from "./preferences";

/** How everything is said to this user. */
export interface Speech {
  readonly units: Units;
  readonly vocabulary: string;
  readonly vocabularies: readonly Vocabulary[];
  readonly prefer: (part: Partial<Preferences>) => void;
  /** A sentence of the server or of the page, in the user's words and units. */
  readonly say: (text: string) => string;
  /** What else the part named in it is called. */
  readonly alsoCalled: (text: string) => string | undefined;
  /** A length as text. */
  readonly length: (length: Nanometers, style?: LengthStyle) => string;
}

const plain: Speech = {
  units: "feet_and_inches",
  vocabulary: "jack",
  vocabularies: [],
  prefer: () => undefined,
  say: (text) => text,
  alsoCalled: () => undefined,
  length: lengthText,
};

const SpeechContext = createContext<Speech>(plain);

export function useSpeech(): Speech {
  return useContext(SpeechContext);
}

/** Gives everything under it the user's words and units. */
export function SpeechProvider({ children }: { readonly children: ReactNode }) {
  const [preferences, prefer] = usePreferences();
  const { data } = useQuery(wordsQuery());
  const speech = useMemo<Speech>(() => {
    const vocabularies = (data?.vocabularies ?? []) as unknown as readonly Vocabulary[];
    const spoken = vocabularies[0];
    const mine = vocabularies.find((each) => each.id === preferences.vocabulary) ?? spoken;
    return {
      ...preferences,
      vocabularies,
      prefer,
      say: makeVoice(spoken, mine, preferences.units),
      alsoCalled: otherNamesOf(spoken, data?.other_names ?? []),
      length: (length, style) =>
        preferences.units === "millimeters" ? `${millimeterText(length)} mm` : lengthText(length, style),
    };
  }, [data, preferences, prefer]);
  return <SpeechContext value={speech}>{children}</SpeechContext>;
}
