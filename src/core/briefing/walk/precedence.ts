import { InputError } from "../../basics/calculation";
import { addAll, addBit, bitsFor, hasBit, type Bits } from "./bits";

/** Which stop comes before which. */
export interface Precedence {
  /** for each stop, what it comes directly after */
  before: number[][];
  /** for each stop, what comes directly after it */
  behind: number[][];
  /** for each stop, all that it comes after, directly or through others */
  ancestors: Bits[];
  /** stops in an order that the precedence allows */
  order: number[];
}

/**
 * Precedence from pairs.
 *
 * @param pairs [earlier, later]
 * @param name what a stop is called in an error
 * @throws InputError naming a circle of stops that wait for one another
 */
export function precedenceOf(
  size: number,
  pairs: Iterable<readonly [number, number]>,
  name: (stop: number) => string,
): Precedence {
  const before: number[][] = Array.from({ length: size }, () => []);
  const behind: number[][] = Array.from({ length: size }, () => []);
  const known = new Set<number>();
  for (const [earlier, later] of pairs) {
    if (known.has(earlier * size + later)) continue;
    known.add(earlier * size + later);
    before[later]?.push(earlier);
    behind[earlier]?.push(later);
  }
  const waiting = before.map((list) => list.length);
  const order = waiting.flatMap((number, stop) => (number === 0 ? [stop] : []));
  for (const stop of order) {
    for (const later of behind[stop] ?? []) {
      waiting[later] = (waiting[later] ?? 0) - 1;
      if (waiting[later] === 0) order.push(later);
    }
  }
  if (order.length < size)
    throw new InputError(
      "/stops",
      `these stops wait for one another in a circle: ${circle(before, waiting).map(name).join(" → ")}`,
    );
  const ancestors = Array.from({ length: size }, () => bitsFor(size));
  for (const stop of order) {
    for (const earlier of before[stop] ?? []) {
      addBit(ancestors[stop] as Bits, earlier);
      addAll(ancestors[stop] as Bits, ancestors[earlier] as Bits);
    }
  }
  return { before, behind, ancestors, order };
}

/** One circle among the stops that still wait: each comes before the next, and the last is the first again. */
function circle(before: readonly number[][], waiting: readonly number[]): number[] {
  const seen: number[] = [];
  let at = waiting.findIndex((number) => number > 0);
  while (!seen.includes(at)) {
    seen.push(at);
    at = before[at]?.find((earlier) => (waiting[earlier] ?? 0) > 0) ?? at;
  }
  return [...seen.slice(seen.indexOf(at)), at].reverse();
}

/** A stop as the rules of `after` and `closes` see it, by numbers. */
export interface Waits {
  after: readonly number[];
  closes: number | null;
}

/**
 * All pairs of stops that `after` and `closes` put in order. A closing stop comes after the one it closes; what names
 * that one in its own `after` needs it open and so comes before the closing stop, unless it comes after the closing stop anyway.
 */
export function closingPairs(stops: readonly Waits[], name: (stop: number) => string): [number, number][] {
  const pairs: [number, number][] = [];
  stops.forEach(({ after, closes }, stop) => {
    for (const earlier of after) pairs.push([earlier, stop]);
    if (closes !== null) pairs.push([closes, stop]);
  });
  const { ancestors } = precedenceOf(stops.length, pairs, name);
  stops.forEach(({ closes }, closing) => {
    if (closes === null) return;
    stops.forEach(({ after }, stop) => {
      if (stop !== closing && after.includes(closes) && !hasBit(ancestors[stop] as Bits, closing))
        pairs.push([stop, closing]);
    });
  });
  return pairs;
}
