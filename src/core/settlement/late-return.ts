import type { PriceList } from "./prices";

/** How late she came back, and what that is by the base's terms. */
export interface LateReturn {
  minutes: number;
  /** hours begun after the time that costs nothing */
  hours: number;
  amountMinor: number;
}

const minuteMs = 60_000;

/**
 * What coming back late costs: nothing within the free minutes, then every hour begun since the agreed time. Null where
 * she was in time.
 *
 * @param dueAt when she was to be back, an instant
 * @param backAt when the first line of the check-out was recorded, an instant
 * @example lateReturn("…T09:00…", "…T10:40…", { freeMinutes: 30, perHourMinor: 5000 }) // 100 min, 2 hours, 10000
 */
export function lateReturn(dueAt: string, backAt: string, terms: PriceList["lateReturn"]): LateReturn | null {
  const minutes = Math.floor((Date.parse(backAt) - Date.parse(dueAt)) / minuteMs);
  if (minutes <= terms.freeMinutes) return null;
  const hours = Math.ceil(minutes / 60);
  return { minutes, hours, amountMinor: hours * terms.perHourMinor };
}
