import { empty } from "./vocabulary/asking";
import { isPhrase, phraseAt, stemOf, thingOf, wordsOf } from "./vocabulary/lexicon";

/** One meaning out of a text: `thing:toilet`, `doing:off`, `wrong:stuck`, or a word that the vocabulary does not know, `word:quill`. */
export type Term = `${"thing" | "doing" | "wrong" | "side" | "word"}:${string}`;

const verbs = new Set([
  "turn",
  "switch",
  "put",
  "shut",
  "cut",
  "take",
  "let",
  "get",
  "pull",
  "roll",
  "pump",
  "fill",
  "plug",
  "blow",
  "turned",
  "switched",
  "come",
]);
const particles = new Set(["on", "off", "up", "down", "in", "out"]);

/** The words with a verb's other half beside it: "turn the gas off" as "turn off the gas". */
function together(words: readonly string[]): string[] {
  const all = [...words];
  for (let i = 0; i < all.length; i++) {
    const verb = all[i] ?? "";
    if (!verbs.has(verb)) continue;
    for (let j = i + 2; j <= Math.min(i + 4, all.length - 1); j++) {
      const particle = all[j] ?? "";
      // "put the dinghy in the water" is no "put in"
      if (!particles.has(particle) || (particle === "in" && j < all.length - 1) || !isPhrase(`${verb} ${particle}`))
        continue;
      all.splice(j, 1);
      all.splice(i + 1, 0, particle);
      break;
    }
  }
  return all;
}

/**
 * What a text means, in order, each meaning once. The longest phrase of the vocabulary counts; words that say nothing are
 * left out.
 */
export function termsOf(text: string, isKnown?: (word: string) => boolean): Term[] {
  const words = together(wordsOf(text));
  const terms = new Set<Term>();
  for (let at = 0; at < words.length;) {
    const phrase = phraseAt(words, at);
    const word = words[at] ?? "";
    if (phrase) {
      for (const { family, id } of phrase.meanings) if (family !== "nothing") terms.add(`${family}:${id}`);
      at += phrase.length;
      continue;
    }
    if (!empty.has(word)) {
      const halves = isKnown?.(word) === false ? split(word, isKnown) : null;
      if (halves) {
        words.splice(at, 1, ...halves);
        continue;
      }
      terms.add(`word:${stemOf(word)}`);
    }
    at += 1;
  }
  return joined([...terms]);
}

/** Two things that are one: "pump for the rubber boat" is the tender pump. */
function joined(terms: readonly Term[]): Term[] {
  const all = [...terms];
  for (let at = 0; at + 1 < all.length; at++) {
    const [one, two] = [all[at] ?? "", all[at + 1] ?? ""];
    if (!one.startsWith("thing:") || !two.startsWith("thing:")) continue;
    const both = thingOf(`${two.slice(6)} ${one.slice(6)}`) ?? thingOf(`${one.slice(6)} ${two.slice(6)}`);
    if (both !== null && !all.includes(`thing:${both}`)) all.splice(at, 2, `thing:${both}`);
  }
  return all;
}

/** A word that is two words written together, as "pumphandle". */
function split(word: string, isKnown: (word: string) => boolean): [string, string] | null {
  for (let at = 3; at <= word.length - 3; at++) {
    const halves: [string, string] = [word.slice(0, at), word.slice(at)];
    if (halves.every((half) => isKnown(half) && half.length > 2 && !empty.has(half))) return halves;
  }
  return null;
}
