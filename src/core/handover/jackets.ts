/** Jackets of one make: for whom by weight, and how many were counted. `toKg` null: no upper limit. */
export interface JacketClass {
  fromKg: number;
  toKg: number | null;
  count: number;
}

/**
 * How many people are left without a jacket that fits, each jacket given once and given as well as can be: the lightest
 * person first gets, of those that fit, the one with the lowest upper limit, which leaves the most for those to come.
 *
 * @param peopleKg weight of each person aboard
 * @example withoutJacket([22, 70], [{ fromKg: 15, toKg: 40, count: 1 }, { fromKg: 40, toKg: null, count: 1 }]) // 0
 */
export function withoutJacket(peopleKg: readonly number[], classes: readonly JacketClass[]): number {
  const left = classes.map((each) => ({ ...each, toKg: each.toKg ?? Infinity })).sort((a, b) => a.toKg - b.toKg);
  let without = 0;
  for (const kg of [...peopleKg].sort((a, b) => a - b)) {
    const fitting = left.find((each) => each.count > 0 && each.fromKg <= kg && kg <= each.toKg);
    if (fitting) fitting.count -= 1;
    else without += 1;
  }
  return without;
}
