import distance from "damerau-levenshtein";

/** How many slips a word of a length may have: a letter wrong, missing, too many, or two swapped. */
const mostSlips = (length: number): number => (length > 7 ? 2 : length > 3 ? 1 : 0);

/**
 * Known words that somebody may have meant who typed an unknown one: those with the fewest slips, and those that begin
 * with what is typed so far.
 *
 * @param most how many at most
 */
export function meantWords(typed: string, known: Iterable<string>, most = 4): string[] {
  const near: { word: string; slips: number }[] = [];
  for (const word of known) {
    if (typed.length > 2 && word.startsWith(typed))
      near.push({ word, slips: 0.5 + (word.length - typed.length) / 100 });
    // few slip at the first letter, but for the first two swapped
    else if (word[0] !== typed[0] && (word[0] !== typed[1] || word[1] !== typed[0])) continue;
    else if (Math.abs(word.length - typed.length) <= mostSlips(typed.length) && word.length > 2) {
      const { steps } = distance(typed, word);
      if (steps <= mostSlips(Math.min(typed.length, word.length + 1)))
        near.push({ word, slips: steps + (word[0] === typed[0] ? 0 : 0.4) });
    }
  }
  near.sort((a, b) => a.slips - b.slips || (a.word < b.word ? -1 : 1));
  const least = near[0]?.slips ?? 0;
  return near
    .filter(({ slips }) => slips <= Math.ceil(least + 0.01))
    .slice(0, most)
    .map(({ word }) => word);
}
