import { millimeterText, NM_PER_FOOT, NM_PER_INCH, type Units } from "./length";

/** A name for one and for several. */
export type Name = readonly [string, string];

/** What the server calls the parts of a wall, and what the user does. */
export interface Vocabulary {
  readonly id: string;
  readonly name: string;
  readonly words: readonly Name[];
}

const FRACTION = String.raw`(?:\d+(?: \d+\/\d+)?|\d+\/\d+)`;
/** `4'-0 1/2"`, `37 1/2"`, `3/8"`: the lengths the server writes. */
const LENGTH = String.raw`(?<!\w)(?:(?<feet>\d+)'-)?(?<inches>${FRACTION})"`;

/** Says the server's sentences in a user's words and units. Everything is exchanged in one pass, so that no new word is taken for an old one. */
export function makeVoice(
  spoken: Vocabulary | undefined,
  mine: Vocabulary | undefined,
  units: Units,
): (text: string) => string {
  const exchange = new Map<string, string>();
  spoken?.words.forEach(([one, many], index) => {
    const [myOne, myMany] = mine?.words[index] ?? [one, many];
    if (one !== myOne) {
      exchange.set(one, myOne);
      exchange.set(many, myMany);
    }
  });
  const words = [...exchange.keys()].sort((a, b) => b.length - a.length);
  const parts = [
    words.length > 0 ? `\\b(?<word>${words.join("|")})\\b` : "",
    units === "millimeters" ? LENGTH : "",
  ];
  const pattern = parts.filter(Boolean).join("|");
  if (pattern === "") return (text) => text;
  const matcher = new RegExp(pattern, "gi");
  return remembered((text) =>
    text.replace(matcher, (found, ...rest) => {
      const groups = rest.at(-1) as Partial<Record<"word" | "feet" | "inches", string>>;
      if (groups.word !== undefined) return like(found, exchange.get(found.toLowerCase()) ?? found);
      return `${millimeterText(nanometersOf(groups.feet, groups.inches ?? "0"))} mm`;
    }),
  );
}

/** More texts than a wall has; what is forgotten then is only worked out again. */
const MOST_REMEMBERED = 4000;

/** The same few hundred texts are said at every edit. */
function remembered<T>(work: (text: string) => T): (text: string) => T {
  const known = new Map<string, { readonly answer: T }>();
  return (text) => {
    const before = known.get(text);
    if (before) return before.answer;
    if (known.size >= MOST_REMEMBERED) known.clear();
    const answer = work(text);
    known.set(text, { answer });
    return answer;
  };
}

/** With a capital where there was one. */
function like(found: string, word: string): string {
  const first = found.charAt(0);
  return first === first.toUpperCase() ? word.charAt(0).toUpperCase() + word.slice(1) : word;
}

function nanometersOf(feet: string | undefined, inches: string): number {
  const [whole = "0", fraction] = inches.includes(" ")
    ? inches.split(" ")
    : inches.includes("/")
      ? ["0", inches]
      : [inches];
  const [numerator = "0", denominator = "1"] = fraction?.split("/") ?? [];
  const part = (Number(numerator) * NM_PER_INCH) / Number(denominator);
  return Math.round(Number(feet ?? 0) * NM_PER_FOOT + Number(whole) * NM_PER_INCH + part);
}

/** Tells what else the part named in a text is called, for a tooltip. */
export function otherNamesOf(
  spoken: Vocabulary | undefined,
  otherNames: readonly (readonly string[])[],
): (text: string) => string | undefined {
  const parts = (spoken?.words ?? []).map(([one, many]) => new RegExp(`\\b(${one}|${many})\\b`, "i"));
  return remembered((text) => {
    const names = otherNames[parts.findIndex((part) => part.test(text))];
    return names && names.length > 1 ? `Also called: ${names.join(", ")}` : undefined;
  });
}
