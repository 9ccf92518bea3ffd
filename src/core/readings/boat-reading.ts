import { readingRules } from ".";

/**
 * What a boat's data server measured, as the fields a person would have read off: seconds run as hours, a tank's share
 * as litres of its capacity. Null where the kind of reading cannot come from there, or the number is none it can be.
 *
 * @param valueSi in SI units, as Signal K speaks: seconds, volts, shares of 1
 * @example boatReading({ reading: "engine-hours", given: {} }, 2262240) // { hours: 628.4 }
 */
export function boatReading(
  { reading, given }: { reading: string; given: Record<string, unknown> },
  valueSi: number,
): Record<string, number> | null {
  if (!Number.isFinite(valueSi)) return null;
  return readingRules[reading]?.measured?.(valueSi, given) ?? null;
}

/** Why a value from a boat's data server is not taken: too old, of a time still to come, or none that can be. */
export type NotTaken = "old" | "future" | "impossible";

/** A gateway's clock may be so far ahead of the base's. */
const aheadMs = 60_000;

/**
 * What becomes of a value that a boat's data server gives: fields to be written, or why it is not taken.
 *
 * @param at when the sensor said so, an instant
 * @param now an instant
 * @param mostMinutes how old it may be, by the base's rules
 */
export function takenReading(
  line: { reading: string; given: Record<string, unknown> },
  { valueSi, at }: { valueSi: number; at: string },
  now: string,
  mostMinutes: number,
): { values: Record<string, number> } | { why: NotTaken } {
  const ageMs = Date.parse(now) - Date.parse(at);
  if (ageMs < -aheadMs) return { why: "future" };
  if (ageMs > mostMinutes * 60_000) return { why: "old" };
  const values = boatReading(line, valueSi);
  return values ? { values } : { why: "impossible" };
}

/** Whether what a gateway calls its vessel can be this yacht: her name is in it, or it does not say. */
export const namesYacht = (named: string | null, yacht: string): boolean =>
  named === null || named.toLowerCase().includes(yacht.toLowerCase());
