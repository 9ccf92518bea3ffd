import Fraction from "fraction.js";

/**
 * A number as the decimal it is written as: 0.1 becomes exactly 1/10, not the binary fraction nearest to it.
 *
 * @throws RangeError when the number is not finite
 */
export function exact(value: number): Fraction {
  if (!Number.isFinite(value)) throw new RangeError(`${value} is not a number to reckon with`);
  const text = String(value);
  return new Fraction(text.includes("e") ? value.toFixed(20) : text);
}

/**
 * Rounds a fraction to a whole number, halves up (towards plus infinity).
 *
 * @example roundHalfUp(new Fraction("0.5")) // 1
 */
export function roundHalfUp(value: Fraction): number {
  return Number(value.add(new Fraction(1, 2)).floor().toString());
}

/**
 * Spreads a whole sum over shares in proportion to their weights, by largest remainder
 * (equal remainders: the earlier share), so that the parts add up to the sum exactly.
 *
 * @param sum whole, not negative, and not above the sum of the weights when a part must not exceed its weight
 * @example spread(10, [1, 1, 1]) // [4, 3, 3]
 */
export function spread(sum: number, weights: readonly number[]): number[] {
  const total = weights.reduce((a, b) => a + BigInt(b), 0n);
  if (total === 0n) return weights.map(() => 0);
  const parts = weights.map((weight, index) => {
    const product = BigInt(sum) * BigInt(weight);
    return { index, whole: product / total, remainder: product % total };
  });
  let left = BigInt(sum) - parts.reduce((a, part) => a + part.whole, 0n);
  const byRemainder = [...parts].sort((a, b) =>
    a.remainder === b.remainder ? a.index - b.index : a.remainder > b.remainder ? -1 : 1,
  );
  for (const part of byRemainder) {
    if (left === 0n) break;
    part.whole += 1n;
    left -= 1n;
  }
  return parts.map((part) => Number(part.whole));
}
