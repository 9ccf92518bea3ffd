import "server-only";
import type { CalendarView } from "@/api/schemas/charters";
import { addDays, dayIn, instantIn, isDay } from "@/core/basics/instant";
import { mondayOf } from "@/core/charters/calendar";
import { metElsewhere } from "@/core/feeds/elsewhere";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { currentList } from "../db/base-lists";
import { barsBetween, calendarYachts, datesRunningOut } from "../db/calendar";
import { closingsBetween } from "../db/closings";
import { elsewhereBetween } from "../db/feeds";
import type { Queryable } from "../db/pool";

/** Weeks that are shown: four months, or half a year. */
export const calendarWeeks = [17, 26] as const;

/**
 * The fleet over some weeks.
 *
 * @param asked first day, of which the Monday is taken, and weeks; the week before this one and four months where it says nothing
 */
export async function calendarView(db: Queryable, asked: { from?: string; weeks?: string }): Promise<CalendarView> {
  const { timeZone } = await currentBase(db);
  const { list } = await currentList(db, "charters");
  const today = dayIn(now(), timeZone);
  const from = mondayOf(asked.from !== undefined && isDay(asked.from) ? asked.from : addDays(today, -7));
  const weeks = calendarWeeks.find((each) => String(each) === asked.weeks) ?? calendarWeeks[0];
  const until = addDays(from, weeks * 7);
  const [start, end] = [instantIn(from, "00:00", timeZone), instantIn(until, "00:00", timeZone)];
  const stays = await barsBetween(db, start, end);
  return {
    from,
    weeks,
    today,
    timeZone,
    turnRoundHours: list.turnRoundHours,
    yachts: await calendarYachts(db),
    stays,
    elsewhere: metElsewhere(await elsewhereBetween(db, start, end), stays),
    closings: await closingsBetween(db, start, end),
    due: await datesRunningOut(db, from, until),
  };
}
