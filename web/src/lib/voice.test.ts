import { expect, test } from "vitest";
import { makeVoice, otherNamesOf, type Vocabulary } from "./voice";

const jack: Vocabulary = {
  id: "jack",
  name: "jack",
  words: [
    ["jack", "jacks"],
    ["cripple", "cripples"],
    ["sill", "sills"],
  ],
};
const lintel: Vocabulary = {
  id: "lintel",
  name: "lintel",
  words: [
    ["jamb stud", "jamb studs"],
    ["jack stud", "jack studs"],
    ["sill", "sills"],
  ],
};

test("words are exchanged at once, so that no new word is taken for an old one", () => {
  const say = makeVoice(jack, lintel, "feet_and_inches");
  expect(say("Jacks: 2 jacks, one cripple under the sill.")).toBe(
    "Jamb studs: 2 jamb studs, one jack stud under the sill.",
  );
  expect(say("The jackhammer stays.")).toBe("The jackhammer stays.");
});

test("lengths become exact millimeters", () => {
  const say = makeVoice(jack, jack, "millimeters");
  expect(say('The cripple over the header would be 3/8": too short.')).toBe(
    "The cripple over the header would be 9.525 mm: too short.",
  );
  expect(say("The wall's height is 40'-0\"; it can be 4'-0 1/2\".")).toBe(
    "The wall's height is 12192 mm; it can be 1231.9 mm.",
  );
  expect(say('37 1/2" and 15"')).toBe("952.5 mm and 381 mm");
});

test("a part's other names are told", () => {
  const alsoCalled = otherNamesOf(jack, [["jack", "trimmer"], ["cripple", "pony"], ["sill"]]);
  expect(alsoCalled("cripple above")).toBe("Also called: cripple, pony");
  expect(alsoCalled("rough opening")).toBeUndefined();
  expect(alsoCalled("sill")).toBeUndefined();
});
