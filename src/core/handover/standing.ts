import { forks, type Folded } from "./fold";
import type { HandoverList } from "./list";
import { progress } from "./progress";

/**
 * Why a record that was signed and has arrived does not stand by itself: it is kept whole, shown to both with the reason,
 * and a person settles it.
 */
export const standingProblems = [
  "entries-to-come",
  "open-fork",
  "nothing-looked-at",
  "words-differ",
  "signature-missing",
  "signature-blank",
  "wrong-imprint",
  "own-witness",
  "wrong-signer",
  "other-signer",
  "needs-skipper",
] as const;
export type StandingProblem = (typeof standingProblems)[number];

/** What a record's own entries say against it: forks that nobody settled, or nothing looked at. */
export function entryProblems(list: HandoverList, folded: Folded): StandingProblem[] {
  const { total, left } = progress(list, folded);
  return [
    ...(forks(folded).length > 0 ? (["open-fork"] as const) : []),
    ...(total > 0 && left === total ? (["nothing-looked-at"] as const) : []),
  ];
}
