import { addDays, dayIn, daysBetween, type Instant } from "../basics/instant";
import { daysIn, stayOf } from "./days";

/** Something that has a yacht for some time: a charter, or days in which she is closed. */
export interface Held {
  id: string;
  /** short name of the yacht */
  yacht: string;
  startsAt: Instant;
  endsAt: Instant;
}

/** A charter in the calendar: it has its yacht until her turn-round is done. */
export interface HeldByCharter extends Held {
  reference: string;
  freeFrom: Instant;
  aboard: number;
  /** whether yacht and start stand, and whether the end does too */
  isBegun: boolean;
  isEnding: boolean;
}

/** How a charter is to be moved: to another yacht, by whole days, at both ends or at its end alone. */
export interface Move {
  yacht: string;
  startDays: number;
  endDays: number;
}

/**
 * Where an instant lies in a row of days, as the base's clock shows it: every day is as wide, also where the clock changes.
 *
 * @param from the first day of the row: 2027-06-12
 * @returns days from its midnight
 */
export function placeInDays(instant: Instant, from: string, timeZone: string): number {
  const { fromDay, outAt } = daysIn(instant, instant, timeZone);
  const [hour = 0, minute = 0] = outAt.split(":").map(Number);
  return daysBetween(from, fromDay) + (hour + minute / 60) / 24;
}

/** A charter as it would be after a move: the same hours of the base's clock on other days. */
export function moved<T extends HeldByCharter>(charter: T, { yacht, startDays, endDays }: Move, timeZone: string): T {
  const days = daysIn(charter.startsAt, charter.endsAt, timeZone);
  const { startsAt, endsAt } = stayOf(
    { ...days, fromDay: addDays(days.fromDay, startDays), toDay: addDays(days.toDay, endDays) },
    timeZone,
  );
  const turnRoundMs = Date.parse(charter.freeFrom) - Date.parse(charter.endsAt);
  const freeFrom = new Date(Date.parse(endsAt) + turnRoundMs).toISOString();
  return { ...charter, yacht, startsAt, endsAt, freeFrom };
}

/** What keeps a charter from being moved somewhere. */
export type MoveFault =
  | { code: "begun" | "ending" | "ends-before" | "too-many" }
  | { code: "promised"; reference: string }
  | { code: "closed"; id: string };

const touch = (aFrom: Instant, aTo: Instant, bFrom: Instant, bTo: Instant): boolean =>
  Date.parse(aFrom) < Date.parse(bTo) && Date.parse(bFrom) < Date.parse(aTo);

/**
 * What keeps a charter from being moved, as far as the calendar shows it; the base says the last word.
 *
 * @param to the charter as it would be
 * @param mostAboard how many the yacht takes that it would be on
 */
export function moveFault(
  charter: HeldByCharter,
  to: HeldByCharter,
  charters: readonly HeldByCharter[],
  closings: readonly Held[],
  mostAboard: number,
): MoveFault | null {
  const isStart = charter.yacht !== to.yacht || Date.parse(charter.startsAt) !== Date.parse(to.startsAt);
  if (charter.isBegun && isStart) return { code: "begun" };
  if (charter.isEnding) return { code: "ending" };
  if (Date.parse(to.endsAt) <= Date.parse(to.startsAt)) return { code: "ends-before" };
  if (to.aboard > mostAboard) return { code: "too-many" };
  const other = charters.find(
    (each) =>
      each.id !== to.id && each.yacht === to.yacht && touch(each.startsAt, each.freeFrom, to.startsAt, to.freeFrom),
  );
  if (other) return { code: "promised", reference: other.reference };
  const closing = closings.find(
    (each) => each.yacht === to.yacht && touch(each.startsAt, each.endsAt, to.startsAt, to.endsAt),
  );
  return closing ? { code: "closed", id: closing.id } : null;
}

/** A gap between two charters of a yacht that is shorter than her turn-round. */
export interface ShortGap {
  yacht: string;
  from: Instant;
  until: Instant;
  hours: number;
}

/** Gaps between charters in which a turn-round does not fit. */
export function shortGaps(charters: readonly HeldByCharter[], turnRoundHours: number): ShortGap[] {
  const inOrder = [...charters].sort(
    (a, b) => (a.yacht < b.yacht ? -1 : a.yacht > b.yacht ? 1 : 0) || Date.parse(a.startsAt) - Date.parse(b.startsAt),
  );
  return inOrder.flatMap((next, index) => {
    const before = inOrder[index - 1];
    if (before?.yacht !== next.yacht) return [];
    const hours = (Date.parse(next.startsAt) - Date.parse(before.endsAt)) / 3_600_000;
    return hours < turnRoundHours ? [{ yacht: next.yacht, from: before.endsAt, until: next.startsAt, hours }] : [];
  });
}

/** The day of the week on which calendars begin. */
const monday = 1;

/** The Monday on or before a day. */
export const mondayOf = (day: string): string =>
  addDays(day, -((new Date(`${day}T00:00:00Z`).getUTCDay() - monday + 7) % 7));

/** The charter next to one, as arrows go: before and after on the same yacht, or nearest in days on another. */
export function neighbour<T extends HeldByCharter>(
  charters: readonly T[],
  of: T,
  to: "before" | "after" | { yacht: string },
): T | null {
  const yacht = typeof to === "string" ? of.yacht : to.yacht;
  const row = charters
    .filter((each) => each.yacht === yacht && each.id !== of.id)
    .sort((a, b) => Date.parse(a.startsAt) - Date.parse(b.startsAt));
  if (to === "before") return row.filter(({ startsAt }) => startsAt < of.startsAt).at(-1) ?? null;
  if (to === "after") return row.find(({ startsAt }) => startsAt > of.startsAt) ?? null;
  const away = ({ startsAt }: T) => Math.abs(Date.parse(startsAt) - Date.parse(of.startsAt));
  return row.reduce<T | null>((best, each) => (best && away(best) <= away(each) ? best : each), null);
}

/** Whether something runs out while a charter has the yacht. */
export const runsOutWithin = (
  { yacht, startsAt, endsAt }: Held,
  due: { yacht: string; day: string },
  timeZone: string,
): boolean => due.yacht === yacht && due.day >= dayIn(startsAt, timeZone) && due.day < dayIn(endsAt, timeZone);
