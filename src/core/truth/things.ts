import type { YachtFile } from "../yacht/schema";
import { stem, wordsIn } from "./clauses";

/** Something aboard that a text can name: a fitting, or a thing of the inventory. */
export interface Thing {
  /** JSON pointer of the part */
  path: string;
  collection: "fittings" | "inventory";
  key: string;
  place: string;
  /** what it is called, stemmed: what it is, and what tells it from its like (port, second, galley) */
  words: readonly string[];
  apart: readonly string[];
}

const small = new Set(["the", "a", "an", "of", "and", "with", "in", "on", "at", "its", "her", "for", "to", "by"]);
/** Words that mean one thing on a boat. */
const same: Readonly<Record<string, string>> = {
  "cut-off": "shut-off",
  cutoff: "shut-off",
  headsail: "genoa",
  lazarette: "locker",
  forecabin: "fore-cabin",
  "fresh-water": "water",
};

/** Words of a name as they are compared: stemmed, small ones left out. */
export const nameWords = (name: string): string[] =>
  wordsIn(
    name
      .replace(/fore ?cabin/gi, "fore-cabin")
      .replace(/fresh[- ]water/gi, "water")
      .replace(/hot water/gi, "water heater"),
  )
    .filter((word) => !small.has(word))
    .map((word) => same[stem(word)] ?? stem(word));

const toThing = (
  collection: Thing["collection"],
  key: string,
  part: { name: { en?: string }; place: string },
): Thing => {
  const [what = "", ...apart] = (part.name.en ?? key).split(/,\s*|\s+(?:with|and)\s+/);
  return {
    path: `/${collection}/${key}`,
    collection,
    key,
    place: part.place,
    words: nameWords(what),
    apart: nameWords(apart.join(" ")),
  };
};

/** Every thing of a file that a text can name. */
export const thingsOf = (file: YachtFile): Thing[] =>
  (["fittings", "inventory"] as const).flatMap((collection) =>
    Object.entries(file[collection]).map(([key, part]) => toThing(collection, key, part)),
  );

/** Where the words of a thing stand together in a text's words; -1 where they do not. */
export function mentionAt(words: readonly string[], of: readonly string[]): number {
  if (of.length === 0) return -1;
  for (let at = 0; at + of.length <= words.length; at++) if (of.every((word, i) => words[at + i] === word)) return at;
  return -1;
}

/** The things of a boat by the first word of their names, longest names first, so that a text is searched once. */
export type ThingIndex = ReadonlyMap<string, readonly (readonly [name: readonly string[], like: readonly Thing[]])[]>;

/** Orders things for `thingsNamed`. */
export function indexThings(things: readonly Thing[]): ThingIndex {
  const byName = new Map<string, Thing[]>();
  for (const thing of things) {
    const name = thing.words.join(" ");
    if (name !== "") byName.set(name, [...(byName.get(name) ?? []), thing]);
  }
  const index = new Map<string, [readonly string[], Thing[]][]>();
  for (const like of byName.values()) {
    const name = like[0]!.words;
    index.set(name[0]!, [...(index.get(name[0]!) ?? []), [name, like]]);
  }
  return index;
}

/**
 * The things that a text names, longest names first: "emergency tiller socket" is no mention of the emergency tiller. Of
 * those that have one name, only what fits the words that tell them apart, where there are such words.
 */
export function thingsNamed(text: string, index: ThingIndex): Thing[] {
  const words = nameWords(text);
  const found = words.flatMap((word, at) =>
    (index.get(word) ?? [])
      .filter(([name]) => name.every((each, i) => words[at + i] === each))
      .map(([name, like]) => ({ name, like, at })),
  );
  const taken = new Set<number>();
  return found
    .sort((a, b) => b.name.length - a.name.length)
    .flatMap(({ name, like, at }) => {
      const spots = name.map((_, i) => at + i);
      if (spots.some((spot) => taken.has(spot))) return [];
      spots.forEach((spot) => taken.add(spot));
      const apart = like.filter((each) => each.apart.some((word) => words.includes(word)));
      return apart.length > 0 ? apart : like;
    });
}
