import { dayIn, daysBetween } from "../basics/instant";
import type { Extras, HiredExtra } from "./extra";

/**
 * What the hire of extras comes to, in minor units: a day is a calendar day in the base's zone, first and last included;
 * a week that is begun counts.
 */
export function hireMinor(
  hired: readonly HiredExtra[],
  stay: { startsAt: string; endsAt: string },
  timeZone: string,
): number {
  const days = daysBetween(dayIn(stay.startsAt, timeZone), dayIn(stay.endsAt, timeZone)) + 1;
  // the day of leaving and the day of return make one between them: seven nights are one week
  const times = { charter: 1, day: days, week: Math.max(1, Math.ceil((days - 1) / 7)) };
  return hired.reduce((sum, { count, extra }) => sum + count * extra.hireMinor * times[extra.hirePer], 0);
}

/** What is wrong with what is to be hired. */
export type HireFault =
  { what: "unknown"; key: string } | { what: "twice"; key: string } | { what: "too-many"; key: string; free: number };

/**
 * What is wrong with extras that are to be hired.
 *
 * @param wanted how many of which
 * @param extras what the base lends
 * @param elsewhere what other charters have hired over the same days
 */
export function hireFaults(
  wanted: readonly { key: string; count: number }[],
  extras: Extras,
  elsewhere: readonly { key: string; count: number }[],
): HireFault[] {
  return wanted.flatMap(({ key, count }, at): HireFault[] => {
    const extra = Object.hasOwn(extras, key) ? extras[key] : undefined;
    if (!extra) return [{ what: "unknown", key }];
    if (wanted.findIndex((each) => each.key === key) !== at) return [{ what: "twice", key }];
    const free = freeOf(key, extra.stock, elsewhere);
    return count > free ? [{ what: "too-many", key, free }] : [];
  });
}

/** How many of an extra are not hired elsewhere over the same days. */
export const freeOf = (key: string, stock: number, elsewhere: readonly { key: string; count: number }[]): number =>
  Math.max(
    0,
    elsewhere.reduce((left, each) => left - (each.key === key ? each.count : 0), stock),
  );
