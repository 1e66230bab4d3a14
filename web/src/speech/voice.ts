import type { Schemas } from "../api/client";
import type { Units } from "../lib/length";
import { bundles, type Language, type Vocabulary } from "./catalogs";
import { lengthIn, percentText, quantityIn } from "./figures";

/** A message with its figures, in no language yet. */
export type Phrase = Schemas["Phrase"];
export type Argument = Schemas["Argument"];

/** What may stand in a place of a message: a figure with its kind, or words that are said already. */
export type Arguments = Readonly<Record<string, Argument | string | number>>;

/** Says a message by its id, or a phrase. */
export type Say = (message: Phrase | string, args?: Arguments) => string;

export interface Voice {
  readonly language: Language;
  readonly vocabulary: Vocabulary;
  readonly units: Units;
}

const BETWEEN: Readonly<Record<Schemas["Joined"], string>> = {
  commas: ", ",
  semicolons: "; ",
  sentences: " ",
};

/** How a user is spoken to: the same words and the same figures as on the command line. */
export function makeSay(voice: Voice): Say {
  const { language, vocabulary, units } = voice;
  const looked = bundles(language, vocabulary);

  const value = (argument: Argument | string | number): string | number => {
    if (typeof argument !== "object") return argument;
    if ("length" in argument) return lengthIn(units, argument.length, "inches");
    if ("distance" in argument) return lengthIn(units, argument.distance, "feet");
    if ("quantity" in argument) {
      const { value: amount, unit, decimals } = argument.quantity;
      return quantityIn(units, amount, unit, decimals);
    }
    if ("percent" in argument) return percentText(argument.percent);
    if ("count" in argument) return argument.count;
    if ("text" in argument) return argument.text;
    if ("phrase" in argument) return message(argument.phrase);
    return argument.phrases.of.map(message).join(BETWEEN[argument.phrases.joined]);
  };

  const message = (phrase: Phrase): string => said(phrase.id, phrase.args ?? {});

  const said = (id: string, args: Arguments): string => {
    const values: Record<string, string | number> = {};
    for (const [name, argument] of Object.entries(args)) values[name] = value(argument);
    for (const bundle of looked) {
      const pattern = bundle.getMessage(id)?.value;
      if (pattern != null) return bracketed(id, bundle.formatPattern(pattern, values, []));
    }
    return id;
  };

  // What is the user's own stands in no brackets.
  const bracketed = (id: string, text: string) =>
    language === "pseudo" && id !== "verbatim" && text !== "" ? `⟦${text}⟧` : text;

  return (what, args = {}) => (typeof what === "string" ? said(what, args) : message(what));
}

/** Whether there is a message of that id. */
export function isMessage(id: string): boolean {
  return bundles("en", "jack").some((bundle) => bundle.hasMessage(id));
}
