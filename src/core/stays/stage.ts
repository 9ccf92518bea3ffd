import { dayIn, type Instant } from "../basics/instant";

/** How far a charter is for its crew: at home, on the day she is theirs, under way, and after she was taken back. */
export type Stage = "before" | "day" | "under-way" | "after";

/** What the stage goes by. */
export interface StageFacts {
  startsAt: Instant;
  timeZone: string;
  /** whether the record of the check-in, and of the check-out, is signed */
  isCheckedIn: boolean;
  isCheckedOut: boolean;
}

/** The stage of a charter: what was signed comes before any clock, as a crew may come early or late. */
export function stageOf({ startsAt, timeZone, isCheckedIn, isCheckedOut }: StageFacts, now: Instant): Stage {
  if (isCheckedOut) return "after";
  if (isCheckedIn) return "under-way";
  return dayIn(now, timeZone) < dayIn(startsAt, timeZone) ? "before" : "day";
}

/** Which day of how many it is, from 1; before the first it is the first, after the last the last. */
export function dayOf(startsAt: Instant, endsAt: Instant, now: Instant, timeZone: string): { day: number; of: number } {
  const days = (until: Instant) =>
    Math.round((Date.parse(dayIn(until, timeZone)) - Date.parse(dayIn(startsAt, timeZone))) / 86_400_000) + 1;
  const of = days(endsAt);
  return { day: Math.min(Math.max(days(now), 1), of), of };
}
