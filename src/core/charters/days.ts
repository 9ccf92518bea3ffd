import { addDays, addHours, instantIn, isDay, type Instant } from "../basics/instant";
import { wallClock } from "../basics/wall-clock";

/** The days of a charter as they are agreed, in the base's own time. */
export interface AgreedDays {
  fromDay: string;
  outAt: string;
  toDay: string;
  backAt: string;
}

/** More than any charter lasts: a year typed wrong. */
const mostHours = 24 * 184;
const leastHours = 2;

export type DaysFault = { field: keyof AgreedDays; what: "no-day" | "ends-before" | "too-short" | "too-long" };

/** What keeps agreed days from being those of a charter. */
export function daysFault(days: AgreedDays, timeZone: string): DaysFault | null {
  const fault = closingFault(days, timeZone);
  if (fault) return fault;
  return hoursOf(days, timeZone) < leastHours ? { field: "backAt", what: "too-short" } : null;
}

/** What keeps days from being those in which a yacht is closed. */
export function closingFault(days: AgreedDays, timeZone: string): DaysFault | null {
  for (const field of ["fromDay", "toDay"] as const) if (!isDay(days[field])) return { field, what: "no-day" };
  const hours = hoursOf(days, timeZone);
  if (hours <= 0) return { field: "toDay", what: "ends-before" };
  return hours > mostHours ? { field: "toDay", what: "too-long" } : null;
}

function hoursOf(days: AgreedDays, timeZone: string): number {
  const { startsAt, endsAt } = stayOf(days, timeZone);
  return (Date.parse(endsAt) - Date.parse(startsAt)) / 3_600_000;
}

/** When a charter of these days begins and ends. An hour that the clock skips is taken an hour later. */
export const stayOf = ({ fromDay, outAt, toDay, backAt }: AgreedDays, timeZone: string) => ({
  startsAt: instantIn(fromDay, outAt, timeZone),
  endsAt: instantIn(toDay, backAt, timeZone),
});

/** When the yacht is free again after a charter. */
export const freeFrom = (endsAt: Instant, turnRoundHours: number): Instant => addHours(endsAt, turnRoundHours);

const saturday = 6;

/** The Saturday on or after a day: most charters begin on one. */
export const nextSaturday = (day: string): string =>
  addDays(day, (saturday - new Date(`${day}T00:00:00Z`).getUTCDay() + 7) % 7);

/** Days and hours of a stay as the base's clock shows them. */
export function daysIn(startsAt: Instant, endsAt: Instant, timeZone: string): AgreedDays {
  const [out, back] = [wallClock(startsAt, timeZone), wallClock(endsAt, timeZone)];
  return { fromDay: out.day, outAt: out.time, toDay: back.day, backAt: back.time };
}
