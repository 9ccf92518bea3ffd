/** Jackets of one make: for whom by weight, and how many were counted. `toKg` null: no upper limit. */
export interface JacketClass {
  fromKg: number;
  toKg: number | null;
  count: number;
}

/**
 * Which jacket each gets, each given once and given as well as can be: the lightest person first gets, of those that fit,
 * the one with the lowest upper limit, which leaves the most for those to come.
 *
 * @param peopleKg weight of each person aboard
 * @returns for each person in their order the jacket's place in the list, or null where none that fits is left
 * @example jacketsGiven([70, 22], [{ fromKg: 15, toKg: 40, count: 1 }, { fromKg: 40, toKg: null, count: 1 }]) // [1, 0]
 */
export function jacketsGiven(peopleKg: readonly number[], classes: readonly JacketClass[]): (number | null)[] {
  const left = classes
    .map((each, index) => ({ ...each, index, toKg: each.toKg ?? Infinity }))
    .sort((a, b) => a.toKg - b.toKg);
  const given = peopleKg.map((): number | null => null);
  for (const [person, kg] of [...peopleKg.entries()].sort(([, a], [, b]) => a - b)) {
    const fitting = left.find((each) => each.count > 0 && each.fromKg <= kg && kg <= each.toKg);
    if (!fitting) continue;
    fitting.count -= 1;
    given[person] = fitting.index;
  }
  return given;
}

/**
 * How many people are left without a jacket that fits.
 *
 * @param peopleKg weight of each person aboard
 * @example withoutJacket([22, 70], [{ fromKg: 15, toKg: 40, count: 1 }, { fromKg: 40, toKg: null, count: 1 }]) // 0
 */
export const withoutJacket = (peopleKg: readonly number[], classes: readonly JacketClass[]): number =>
  jacketsGiven(peopleKg, classes).filter((jacket) => jacket === null).length;
