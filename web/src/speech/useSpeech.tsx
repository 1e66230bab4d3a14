import { createContext, type ReactNode, useContext, useMemo } from "react";
import { type LengthStyle, lengthText, millimeterText, type Nanometers, type Units } from "../lib/length";
import type { Language, Vocabulary } from "./catalogs";
import { lengthIn, type QuantityUnit, quantityIn, weightIn } from "./figures";
import { type Preferences, USUAL, usePreferences } from "./preferences";
import { isMessage, makeSay, type Phrase, type Say } from "./voice";

/** Words that are said already, or a phrase that is yet to be. */
export type Words = string | Phrase;

/** How everything is said to this user. */
export interface Speech {
  readonly units: Units;
  readonly language: Language;
  readonly vocabulary: Vocabulary;
  readonly prefer: (part: Partial<Preferences>) => void;
  /** A message of the catalogs by its id, or a phrase, in the user's language, words and units. */
  readonly say: Say;
  /** Words that may be said already, such as the user's own. */
  readonly words: (words: Words) => string;
  /** What else a part is called, by its role. */
  readonly alsoCalled: (role: string) => string | undefined;
  /** A length as it is typed: exact. */
  readonly exact: (length: Nanometers, style?: LengthStyle) => string;
  /** A length as text. */
  readonly length: (length: Nanometers, style?: LengthStyle) => string;
  /** What something weighs, from pounds: in kilograms for who measures in millimeters. */
  readonly weight: (pounds: number) => string;
  /** A quantity as text. */
  readonly quantity: (value: number, unit: QuantityUnit, decimals?: number) => string;
}

function speechOf(preferences: Preferences, prefer: Speech["prefer"]): Speech {
  const { units } = preferences;
  const say = makeSay(preferences);
  return {
    ...preferences,
    prefer,
    say,
    words: (words) => (typeof words === "string" ? words : say(words)),
    alsoCalled: (role) => {
      const id = `other-names-${dashed(role)}`;
      return isMessage(id) ? say("also-called", { names: say(id) }) : undefined;
    },
    exact: (length, style = "feet") =>
      units === "millimeters" ? `${millimeterText(length)} mm` : lengthText(length, style),
    length: (length, style = "feet") => lengthIn(units, length, style),
    weight: (pounds) => weightIn(units, pounds),
    quantity: (value, unit, decimals = 0) => quantityIn(units, value, unit, decimals),
  };
}

const SpeechContext = createContext<Speech>(speechOf(USUAL, () => undefined));

export function useSpeech(): Speech {
  return useContext(SpeechContext);
}

/** Gives everything under it the user's language, words and units. */
export function SpeechProvider({ children }: { readonly children: ReactNode }) {
  const [preferences, prefer] = usePreferences();
  const speech = useMemo(() => speechOf(preferences, prefer), [preferences, prefer]);
  return <SpeechContext value={speech}>{children}</SpeechContext>;
}

/** The name of a closed choice in the catalogs: `sole_plate` is said by `role-sole-plate`. */
export function named(family: string, choice: string): Phrase {
  return { id: `${family}-${dashed(choice)}` };
}

/** A closed choice as it stands in the ids of messages. */
export function dashed(choice: string): string {
  return choice.replaceAll("_", "-");
}
