import { sentencesOf, stem, wordsIn } from "../clauses";
import type { Boat } from "../boat";
import type { Found } from "../finding";
import type { Text } from "../texts";
import { nameWords } from "../things";
import type { TruthRule } from "./rule";

/** Words that tell one thing from another; of one family only one is true. */
const families: readonly (readonly string[])[] = [
  ["red", "blue", "green", "yellow", "white", "black", "grey", "orange", "brown"],
  ["port", "starboard"],
  ["left", "right"],
  ["upper", "lower"],
  ["forward", "aft"],
];
const familyOf = new Map(families.flatMap((family, i) => family.map((word) => [word, i] as const)));
/** What such a word can stand before without saying which thing is meant. */
const noThing = new Set([
  "of",
  "is",
  "and",
  "or",
  "the",
  "in",
  "on",
  "to",
  "for",
  "then",
  "by",
  "with",
  "at",
  "abaft",
  "a",
  "both",
]);

type Said = readonly [family: number, word: string, noun: string];

/** Each telling word with what it stands before: "the red lever" says red of the lever. */
function saidIn(words: string): Said[] {
  return sentencesOf(words).flatMap((sentence) => {
    const all = wordsIn(sentence);
    return all.flatMap((word, i): Said[] => {
      const family = familyOf.get(word);
      const noun = stem(all[i + 1] ?? "");
      return family === undefined || noun === "" || noThing.has(noun) || familyOf.has(noun)
        ? []
        : [[family, word, noun]];
    });
  });
}

/** What a fitting's own words and its place say of it. */
function ownSays(boat: Boat, key: string): { said: Said; path: string }[] {
  const fitting = boat.file.fittings[key];
  if (!fitting) return [];
  const place = boat.file.places[fitting.place];
  const from = [
    [`/fittings/${key}/where`, fitting.where.en],
    [`/fittings/${key}/name`, fitting.name.en],
    [`/fittings/${key}/how`, fitting.how?.en],
    [`/fittings/${key}/place`, place?.name.en],
  ] as const;
  return from.flatMap(([path, words]) => saidIn(words ?? "").map((said) => ({ said, path })));
}

/** Words that name few things: what a title says of them it means of those. */
const rare = 2;

/** The fittings that a text is about: what it works or names, and what its title means by a word that few have. */
function aboutOf(boat: Boat, text: Text, wordsOf: ReadonlyMap<string, readonly string[]>): string[] {
  const named = boat.named(text).flatMap(({ collection, key }) => (collection === "fittings" ? [key] : []));
  const own = text.fitting === null ? named : [text.fitting];
  if (!["emergencyCards", "procedures", "tests"].includes(text.collection)) return own;
  const meant = nameWords(text.title).flatMap((word) => {
    const keys = [...wordsOf].filter(([, words]) => words.includes(word)).map(([key]) => key);
    return keys.length <= rare ? keys : [];
  });
  return [...new Set([...own, ...meant])];
}

/** Colours, sides and ends that a text gives a fitting are those of the fitting's own words. */
export const attributesSay: TruthRule = {
  name: "attributes-say",
  find: (boat) => {
    const keys = Object.keys(boat.file.fittings);
    const known = new Map(keys.map((key) => [key, ownSays(boat, key)]));
    const wordsOf = new Map(keys.map((key) => [key, nameWords(boat.file.fittings[key]?.name.en ?? "")]));
    return boat.texts.flatMap((text): Found[] => {
      const said = text.collection === "places" ? [] : saidIn(text.words);
      if (said.length === 0) return [];
      const own = aboutOf(boat, text, wordsOf).flatMap((key) => known.get(key) ?? []);
      for (const [family, word, noun] of said) {
        // of several that are meant, what is said need be true of one
        const like = own.filter(({ path, said: [of, , what] }) => path !== text.path && of === family && what === noun);
        if (like.length > 0 && !like.some(({ said: [, each] }) => each === word))
          return [{ path: text.path, code: "says-other", fact: like[0]!.path }];
      }
      return [];
    });
  },
};
