import type { Difference } from "./compare";

/** What was reported of a line before the check-in was signed, and had not been mended by then. */
export interface PriorReport {
  /** the line, as `line:` and its id */
  subject: string;
  words: string;
  /** an instant */
  at: string;
  /** whose charter it was found in, by reference; null on the base's own log */
  charter: string | null;
}

/** A test that fails now, or a thing that was sound or not looked at: what an older report explains. Wear that grew worse under the crew's hands it does not. */
function isExplained({ kind, before }: Difference): boolean {
  return kind === "test-failing" || (kind === "look-worse" && (before === null || isSound(before.value)));
}

const isSound = (value: unknown) =>
  typeof value === "object" && value !== null && "state" in value && value.state === "sound";

/** The report that a difference goes back to, if there is one. */
export function priorOf(difference: Difference, priors: readonly PriorReport[]): PriorReport | null {
  return isExplained(difference) ? (priors.find(({ subject }) => subject === `line:${difference.of}`) ?? null) : null;
}

/** Lays what was reported before over the differences: the base's own fault starts as the base's. */
export function withPriors(differences: readonly Difference[], priors: readonly PriorReport[]): Difference[] {
  return differences.map((difference) =>
    priorOf(difference, priors) ? { ...difference, startsAs: { as: "base", because: "known-before" } } : difference,
  );
}
