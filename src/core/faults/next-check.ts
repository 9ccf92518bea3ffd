import type { YachtFile } from "../yacht/schema";
import { diagnose } from "./diagnose/diagnose";
import type { Check, Fault } from "./fault";

/** What was learned of a fault's checks: how likely each is the cause, by its key. */
export type Chances = Readonly<Partial<Record<string, number>>>;

/**
 * Which checks are left, likeliest and nearest first, from where one stands.
 *
 * @param done keys of checks that need not be looked at any more
 * @param standing the place one stands at
 */
export function checksLeft(
  file: Pick<YachtFile, "places" | "ways">,
  fault: Fault,
  done: ReadonlySet<string>,
  standing: string,
  learned: Chances = {},
): Check[] {
  const left = fault.checks.filter(({ key }) => !done.has(key));
  const chance = ({ key, chance: usual }: Check) => learned[key] ?? usual;
  const gone = fault.checks.filter(({ key }) => done.has(key)).reduce((sum, check) => sum + chance(check), 0);
  const scale = 1 / Math.max(1 - gone, sumOf(left.map(chance)), 1e-9);
  const { order } = diagnose({
    start: standing,
    ways: waysOf(file, fault, standing),
    checks: left.map((check) => ({
      id: check.key,
      chance: Math.min(1, chance(check) * scale),
      seconds: check.seconds,
      place: check.place,
      after: check.after.filter((key) => left.some((other) => other.key === key)),
      safety: check.isSafety,
    })),
  });
  return order.flatMap((key) => left.find((check) => check.key === key) ?? []);
}

const sumOf = (numbers: readonly number[]) => numbers.reduce((sum, each) => sum + each, 0);

/** A place that no way leads to is still aboard: a minute's walk, so that a gap in her file leaves nobody without an answer. */
const unknownWalkSeconds = 60;

function waysOf({ ways }: Pick<YachtFile, "ways">, { checks }: Fault, standing: string) {
  const known = Object.values(ways).map(({ from, to, seconds, oneWay = false }) => ({ from, to, seconds, oneWay }));
  return [
    ...known,
    ...checks.map(({ place }) => ({ from: standing, to: place, seconds: unknownWalkSeconds * 5, oneWay: false })),
  ];
}
