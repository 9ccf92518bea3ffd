import { InputError } from "../../basics/calculation";
import { distancesBetween, type Arc } from "../../plan/distances";
import type { DiagnoseInput } from "./schema";

/** A diagnosis by numbers: check i of n. */
export interface Problem {
  size: number;
  chance: Float64Array;
  seconds: Float64Array;
  /** from where one stands at the beginning to each check */
  fromStart: Float64Array;
  /** from check to check, row by row */
  walk: Float64Array;
  /** what must have been done before each check, all of it */
  before: readonly (readonly number[])[];
}

/** Sums of chances above 1 by no more than this are 1. */
const forgiven = 1e-9;

/**
 * @throws InputError for two checks of one id, a chance or time that cannot be, a place nobody knows, a check that waits
 * for itself, and checks that can be walked in no allowed order
 */
export function problemOf({ checks, ways, start }: DiagnoseInput): Problem {
  checkFigures({ checks, ways, start });
  const places = [...new Set([start, ...ways.flatMap(({ from, to }) => [from, to])])];
  const numberOf = new Map(places.map((place, index) => [place, index]));
  const { seconds: apart } = distancesBetween(
    places.length,
    ways.flatMap(({ from, to, seconds, oneWay = false }): Arc[] => {
      const [a, b] = [numberOf.get(from) ?? 0, numberOf.get(to) ?? 0];
      return [{ from: a, to: b, seconds }, ...(oneWay ? [] : [{ from: b, to: a, seconds }])];
    }),
  );
  const at = checks.map(({ place, id }, index) => {
    const known = numberOf.get(place);
    if (known === undefined)
      throw new InputError(`/checks/${index}/place`, `no way leads to "${place}", where check "${id}" is`);
    return known;
  });
  const between = (from: number, to: number): number => apart[from * places.length + to] ?? Infinity;
  const walk = Float64Array.from({ length: at.length ** 2 }, (_, cell) =>
    between(at[Math.floor(cell / at.length)] ?? 0, at[cell % at.length] ?? 0),
  );
  const problem = {
    size: checks.length,
    chance: Float64Array.from(checks, ({ chance }) => chance),
    seconds: Float64Array.from(checks, ({ seconds }) => seconds),
    fromStart: Float64Array.from(at, (place) => between(0, place)),
    walk,
  };
  checkReach(checks, problem.fromStart);
  return { ...problem, before: beforeEach(checks, walk) };
}

function checkFigures({ checks, ways }: DiagnoseInput): void {
  const ids = new Set<string>();
  let sum = 0;
  checks.forEach(({ id, chance, seconds }, index) => {
    const where = `/checks/${index}`;
    if (ids.has(id)) throw new InputError(`${where}/id`, `check "${id}" is given twice`);
    ids.add(id);
    if (!(chance >= 0 && chance <= 1)) throw new InputError(`${where}/chance`, "a chance is from 0 to 1");
    if (!(seconds >= 0 && Number.isFinite(seconds)))
      throw new InputError(`${where}/seconds`, "a check takes 0 seconds or more");
    sum += chance;
  });
  if (sum > 1 + forgiven) throw new InputError("/checks", `the chances sum to ${sum}; there is one cause at most`);
  ways.forEach(({ seconds }, index) => {
    if (!(seconds >= 0 && Number.isFinite(seconds)))
      throw new InputError(`/ways/${index}/seconds`, "a way takes 0 seconds or more");
  });
}

function checkReach(checks: DiagnoseInput["checks"], fromStart: Float64Array): void {
  const lost = checks.findIndex((_, index) => fromStart[index] === Infinity);
  if (lost >= 0)
    throw new InputError(
      `/checks/${lost}/place`,
      `no way leads from the start to "${checks[lost]?.place}", where check "${checks[lost]?.id}" is`,
    );
}

/**
 * All that must come before each check: what it waits for, what is for safety, and what can no longer be reached from
 * there. With the last, an allowed order never ends where no way goes on.
 */
function beforeEach(checks: DiagnoseInput["checks"], walk: Float64Array): number[][] {
  const numberOf = new Map(checks.map(({ id }, index) => [id, index]));
  const waitsFor = checks.map(({ id, after = [] }, index) =>
    after.map((other, i) => {
      const known = numberOf.get(other);
      const where = `/checks/${index}/after/${i}`;
      if (known === undefined) throw new InputError(where, `check "${id}" waits for "${other}", which is not there`);
      if (known === index) throw new InputError(where, `check "${id}" waits for itself`);
      return known;
    }),
  );
  const waits = closed(waitsFor);
  checkCircle(waits, checks, "wait for each other");
  const isFirst = checks.map(({ safety = false }, index) =>
    safety ? true : checks.some(({ safety: other = false }, i) => other && waits[i]?.has(index)),
  );
  const all = closed(
    checks.map((_, index) => [
      ...(waits[index] ?? []),
      ...(isFirst[index] ? [] : checks.flatMap((_, i) => (isFirst[i] ? [i] : []))),
      ...checks.flatMap((_, i) => (walk[index * checks.length + i] === Infinity ? [i] : [])),
    ]),
  );
  checkCircle(all, checks, "can be walked in no allowed order");
  return all.map((set) => [...set]);
}

/** With what comes before that, too. */
function closed(direct: readonly (readonly number[])[]): Set<number>[] {
  return direct.map((first) => {
    const found = new Set<number>();
    const open = [...first];
    for (let next = open.pop(); next !== undefined; next = open.pop())
      if (!found.has(next)) {
        found.add(next);
        open.push(...(direct[next] ?? []));
      }
    return found;
  });
}

function checkCircle(before: readonly Set<number>[], checks: DiagnoseInput["checks"], how: string): void {
  const circle = checks.filter((_, index) => before[index]?.has(index)).map(({ id }) => `"${id}"`);
  if (circle.length > 0) throw new InputError("/checks", `the checks ${circle.join(", ")} ${how}`);
}
