import { FluentBundle, FluentResource } from "@fluent/bundle";

/** The catalogs that the command line reads too: one folder for each language, and for English its ways of speaking. */
const files = import.meta.glob<string>("../../../catalogs/**/*.ftl", {
  query: "?raw",
  import: "default",
  eager: true,
});

/** The page's languages. The last is no language: every message stands in brackets, to show what is none. */
export const LANGUAGES = ["en", "es", "pseudo"] as const;
export type Language = (typeof LANGUAGES)[number];

/** The ways of speaking English. */
export const VOCABULARIES = ["jack", "trimmer", "lintel"] as const;
export type Vocabulary = (typeof VOCABULARIES)[number];

function resource(name: string): FluentResource {
  return new FluentResource(files[name] ?? "");
}

function bundle(language: "en" | "es", vocabulary: Vocabulary): FluentBundle {
  const made = new FluentBundle(language, { useIsolating: false });
  const folder = `/catalogs/${language}/`;
  for (const name of Object.keys(files)) {
    const own = name.split(folder)[1];
    if (own !== undefined && (!own.includes("/") || own === `words/${vocabulary}.ftl`)) {
      made.addResource(resource(name));
    }
  }
  return made;
}

const read = new Map<string, FluentBundle>();

function once(language: "en" | "es", vocabulary: Vocabulary): FluentBundle {
  const key = `${language} ${vocabulary}`;
  const before = read.get(key);
  if (before) return before;
  const made = bundle(language, vocabulary);
  read.set(key, made);
  return made;
}

/** Where messages are looked for, the first first: what a language lacks is said in English. */
export function bundles(language: Language, vocabulary: Vocabulary): readonly FluentBundle[] {
  const english = once("en", vocabulary);
  return language === "es" ? [once("es", vocabulary), english] : [english];
}
