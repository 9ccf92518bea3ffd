import { foundBy } from "./lead";
import type { Fault } from "./fault";
import type { Trouble } from "./trouble";

/** What the base answered to a trouble of a kind, on any of its yachts. */
export interface GivenAnswer {
  trouble: string;
  at: string;
  words: string;
  yacht: string;
  /** checks whose answer was that it is so */
  found: readonly string[];
}

/** How many are offered. */
const mostOffered = 3;

/**
 * What the base answered before to the same kind of fault with the same finding, newest first, each wording once. Where
 * nothing was found now, answers to those where nothing was found.
 */
export function earlierAnswers(
  fault: Fault,
  trouble: Trouble,
  given: readonly GivenAnswer[],
): { at: string; words: string; yacht: string }[] {
  const found = foundBy(fault, trouble)?.key ?? null;
  const same = given
    .filter((answer) => answer.trouble !== trouble.id)
    .filter((answer) => (found === null ? answer.found.length === 0 : answer.found.includes(found)))
    .toSorted((a, b) => Date.parse(b.at) - Date.parse(a.at));
  const isFirst = ({ words }: GivenAnswer, at: number) =>
    same.findIndex((other) => wordingOf(other.words) === wordingOf(words)) === at;
  return same
    .filter(isFirst)
    .slice(0, mostOffered)
    .map(({ at, words, yacht }) => ({ at, words, yacht }));
}

const wordingOf = (words: string): string => words.trim().toLowerCase();
