import type { Fault } from "./fault";
import type { Chances } from "./next-check";

/** How often a check was found to be the cause, among the troubles of one kind that were ended. */
export interface FoundCounts {
  /** all that were ended, found or not */
  ended: number;
  found: Readonly<Partial<Record<string, number>>>;
}

/** What was found of one kind of fault: on this yacht, on her sisters, and on the base's other yachts. */
export interface Learned {
  yacht: FoundCounts;
  sisters: FoundCounts;
  others: FoundCounts;
}

/** For how many troubles the usual chances stand. */
const usualWeight = 10;
/** How much a trouble of another yacht tells of this one. */
const weights = { yacht: 1, sisters: 0.5, others: 0.25 } as const;
/** No check is ever thought impossible. */
const leastChance = 0.02;

/**
 * How likely each check is the cause, from the usual chances and what was found since: the mean of a Beta distribution for
 * each, with the usual chance as so many troubles before the first. Never below 0.02 where the usual chance is not 0, and
 * 1 together at most.
 */
export function learnedChances(fault: Pick<Fault, "checks">, learned: Learned): Chances {
  const levels = Object.keys(weights) as (keyof typeof weights)[];
  const ended = levels.reduce((sum, level) => sum + weights[level] * learned[level].ended, 0);
  const means = fault.checks.map(({ key, chance }) => {
    const found = levels.reduce((sum, level) => sum + weights[level] * (learned[level].found[key] ?? 0), 0);
    const mean = (usualWeight * chance + found) / (usualWeight + ended);
    return { key, mean: chance === 0 && found === 0 ? 0 : Math.max(leastChance, mean) };
  });
  const sum = means.reduce((all, { mean }) => all + mean, 0);
  const above = means.reduce((all, { mean }) => all + Math.max(0, mean - leastChance), 0);
  // what is too much together comes off those above the least
  const less = sum > 1 && above > 0 ? (sum - 1) / above : 0;
  return Object.fromEntries(means.map(({ key, mean }) => [key, mean - less * Math.max(0, mean - leastChance)]));
}

export const nothingFound: FoundCounts = { ended: 0, found: {} };
