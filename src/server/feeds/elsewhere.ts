import "server-only";
import { daysFault, stayOf, type AgreedDays } from "@/core/charters/days";
import { currentBase } from "../db/base";
import { elsewhereBetween } from "../db/feeds";
import type { Queryable } from "../db/pool";

/** What other calendars say is promised of a yacht in some days; nothing of days that are none. */
export async function elsewhereIn(
  db: Queryable,
  { yacht, ...days }: AgreedDays & { yacht: string },
): Promise<{ timeZone: string; elsewhere: { feed: string; startsAt: string; endsAt: string }[] }> {
  const { timeZone } = await currentBase(db);
  if (daysFault(days, timeZone)) return { timeZone, elsewhere: [] };
  const { startsAt, endsAt } = stayOf(days, timeZone);
  const found = (await elsewhereBetween(db, startsAt, endsAt)).filter((each) => each.yacht === yacht);
  return {
    timeZone,
    elsewhere: found.map(({ feed, startsAt: from, endsAt: until }) => ({ feed, startsAt: from, endsAt: until })),
  };
}
