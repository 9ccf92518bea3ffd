import "server-only";
import { addDays, addHours, dayIn, type Instant } from "@/core/basics/instant";
import type { Outlook } from "@/core/weather/outlook";
import { toldForecasts } from "../db/forecasts";
import type { Queryable } from "../db/pool";
import { outsideFeeds } from "./feed";

/** How far a book looks ahead, days: what a device keeps through days without signal. */
const aheadDays = 5;

/** Wind by the hour and the turns of the tide from now on, as the feeds say; null where none are plugged in. */
export async function outlookNow(db: Queryable, now: Instant, timeZone: string): Promise<Outlook | null> {
  const feeds = outsideFeeds();
  if (!feeds) return null;
  const today = dayIn(now, timeZone);
  const asked = Array.from({ length: aheadDays + 1 }, (_, ahead) => addDays(today, ahead));
  const told = await toldForecasts(db, asked);
  const days = [];
  for (const day of asked) {
    const forecast = told.get(day) ?? feeds.day(day);
    // a day that the feed does not know ends what is told: hours with a hole in them would look like all
    if (!forecast) break;
    days.push(forecast);
  }
  const turns = feeds.tide.turns(Date.parse(now), Date.parse(addHours(now, aheadDays * 24)));
  const [first] = days;
  return {
    at: now,
    wind: first ? { from: first.from, hours: days.flatMap((day) => feeds.hours(day, timeZone)) } : null,
    tide: turns.length >= 2 ? { from: feeds.tide.from, turns } : null,
  };
}
