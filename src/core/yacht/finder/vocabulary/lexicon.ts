import { stemmer } from "stemmer";
import { empty } from "./asking";
import { figuresAsked } from "./figures";
import { doing } from "./doing";
import { sides } from "./sides";
import { things } from "./things";
import { wrong } from "./wrong";

/** What a word or a few words together mean: a thing, what one does with it, what is wrong with it, where, or nothing. */
export interface Meaning {
  family: "thing" | "doing" | "wrong" | "side" | "nothing";
  /** the first word of its row */
  id: string;
}

/** Said between the words that count. */
const fillers = [
  "on board",
  "on the boat",
  "on this boat",
  "on a boat",
  "in the boat",
  "of the boat",
  "on her",
  "what to do",
  "what do",
  "what now",
  "why is",
  "auf dem boot",
  "an bord",
  "set of",
  "at night",
];

/** The words of a text as they are compared: lower case, without apostrophes, in order. */
export const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .replaceAll(/['’`´]/g, "")
    .match(/[\p{L}\p{N}]+/gu) ?? [];

/** A word without a plural's or a verb's ending (Porter's algorithm); numbers and short words stay. */
export const stemOf = (word: string): string => (word.length < 4 || /\p{N}/u.test(word) ? word : stemmer(word));

/** How a phrase is looked up. */
const keyOf = (phrase: string): string => wordsOf(phrase).map(stemOf).join(" ");

const meanings = new Map<string, Meaning[]>();
const add = (phrase: string, meaning: Meaning) => {
  const key = keyOf(phrase);
  const known = meanings.get(key) ?? [];
  if (!known.some(({ family }) => family === meaning.family)) meanings.set(key, [...known, meaning]);
};
for (const [id = "", ...others] of things) for (const phrase of [id, ...others]) add(phrase, { family: "thing", id });
// who learnt the language late puts the words the other way round
for (const [id = "", ...others] of things)
  for (const phrase of [id, ...others]) {
    const [one, two, ...more] = wordsOf(phrase);
    if (
      one &&
      two &&
      more.length === 0 &&
      [one, two].every((word) => word.length > 2 && !empty.has(word)) &&
      !meanings.has(keyOf(`${two} ${one}`))
    )
      add(`${two} ${one}`, { family: "thing", id });
  }
for (const { does, said } of doing) for (const phrase of said) add(phrase, { family: "doing", id: does });
for (const { is, said } of wrong) for (const phrase of said) add(phrase, { family: "wrong", id: is });
for (const [id = "", ...others] of sides) for (const phrase of [id, ...others]) add(phrase, { family: "side", id });
for (const phrase of fillers) add(phrase, { family: "nothing", id: "" });

/** The most words that belong together in the vocabulary. */
const longest = Math.max(...[...meanings.keys()].map((key) => key.split(" ").length));

/** Every single word of the vocabulary, which a word that is mistyped may be. */
export const knownWords: ReadonlySet<string> = new Set(
  [
    ...Object.values(figuresAsked).flatMap(({ names, size = [] }) => [...names, ...size]),
    ...things.flat(),
    ...doing.flatMap(({ said }) => said),
    ...wrong.flatMap(({ said }) => said),
  ].flatMap(wordsOf),
);

/** The longest phrase of the vocabulary that begins at a word, and what it means. */
export function phraseAt(
  words: readonly string[],
  at: number,
): { length: number; meanings: readonly Meaning[] } | null {
  for (let length = Math.min(longest, words.length - at); length > 0; length--) {
    const found = meanings.get(
      words
        .slice(at, at + length)
        .map(stemOf)
        .join(" "),
    );
    if (found) return { length, meanings: found };
  }
  return null;
}

/** Which thing a phrase is, or null. */
export const thingOf = (phrase: string): string | null =>
  meanings.get(keyOf(phrase))?.find(({ family }) => family === "thing")?.id ?? null;

/** Whether a phrase stands in the vocabulary. */
export const isPhrase = (phrase: string): boolean => meanings.has(keyOf(phrase));
