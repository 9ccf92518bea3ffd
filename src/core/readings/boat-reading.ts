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
