import { wallClock } from "./wall-clock";

/** An instant as ISO 8601 text in UTC, `2027-06-14T08:30:00.000Z`. */
export type Instant = string;

const hourMs = 3_600_000;

/** Whether text names a day that there is: 2025-02-31 is none. */
export function isDay(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const date = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(date.getTime()) && date.toISOString().slice(0, 10) === text;
}

/** Whether text in the form of an instant names a time that there is: neither 25:00 nor the 31st of February. */
export function isInstant(text: string): boolean {
  // without its zone it would be another moment on another machine
  return /(Z|[+-]\d{2}:\d{2})$/.test(text) && isDay(text.slice(0, 10)) && !Number.isNaN(Date.parse(text));
}

/** Whether two texts tell the same instant, however each is written. */
export const sameInstant = (a: Instant, b: Instant): boolean => Date.parse(a) === Date.parse(b);

/** The instant some hours later (or earlier, for a negative number). */
export function addHours(instant: Instant, hours: number): Instant {
  return new Date(Date.parse(instant) + hours * hourMs).toISOString();
}

/**
 * The calendar day (`2027-06-14`) of an instant in a time zone.
 *
 * @param timeZone IANA name, e.g. Atlantic/Azores
 */
export function dayIn(instant: Instant, timeZone: string): string {
  return wallClock(instant, timeZone).day;
}

/**
 * The last day that a printed date is good for: a full date is itself, a month and year run to that month's end.
 *
 * @param printed `2027-06-14` or `2027-06`
 * @returns a full date, or null when it is neither or no such day exists
 * @example lastGoodDay("2028-02") // "2028-02-29"
 */
export function lastGoodDay(printed: string): string | null {
  const full = /^(\d{4})-(\d{2})-(\d{2})$/.exec(printed);
  if (full) return isDay(printed) ? printed : null;
  const month = /^(\d{4})-(\d{2})$/.exec(printed);
  if (!month) return null;
  const number = Number(month[2]);
  if (number < 1 || number > 12) return null;
  return new Date(Date.UTC(Number(month[1]), number, 0)).toISOString().slice(0, 10);
}

/** Whole months from one day to a later one; 0 when the later day is not later. */
export function monthsBetween(fromDay: string, toDay: string): number {
  const [fromYear = 0, fromMonth = 0, fromDate = 0] = fromDay.split("-").map(Number);
  const [toYear = 0, toMonth = 0, toDate = 0] = toDay.split("-").map(Number);
  const months = (toYear - fromYear) * 12 + (toMonth - fromMonth) - (toDate < fromDate ? 1 : 0);
  return Math.max(0, months);
}

/**
 * The instant of a wall-clock time in a time zone. A time that the clock skips in spring is taken an hour later.
 *
 * @example instantIn("2027-06-14", "09:00", "Atlantic/Azores") // "2027-06-14T09:00:00.000Z"
 */
export function instantIn(day: string, time: string, timeZone: string): Instant {
  const asUtc = Date.parse(`${day}T${time}:00Z`);
  const shownAt = (ms: number) => {
    const { day: shownDay, time: shownTime } = wallClock(ms, timeZone);
    return Date.parse(`${shownDay}T${shownTime}:00Z`);
  };
  // the offset is looked up twice, as the first guess may lie on the other side of a change of clocks
  const guess = asUtc - (shownAt(asUtc) - asUtc);
  return new Date(guess - (shownAt(guess) - asUtc)).toISOString();
}

/** The calendar day some days later (or earlier). */
export function addDays(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * 24 * hourMs).toISOString().slice(0, 10);
}

/** Calendar days from one day to another; negative where the other is earlier. */
export function daysBetween(fromDay: string, toDay: string): number {
  return Math.round((Date.parse(`${toDay}T00:00:00Z`) - Date.parse(`${fromDay}T00:00:00Z`)) / (24 * hourMs));
}
