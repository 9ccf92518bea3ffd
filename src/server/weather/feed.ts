import "server-only";
import type { Forecast } from "@/core/weather/forecast";
import type { WindHour } from "@/core/weather/outlook";

/** Where wind and tide come from. */
export interface OutsideFeeds {
  /** one day's wind, or null where the feed knows none */
  day: (day: string) => Forecast | null;
  /** the hours of a day of which the feed, or whoever told it, says so much */
  hours: (forecast: Forecast, timeZone: string) => WindHour[];
  /** high and low water in turn over a time and a turn beyond it, above the lowest tide */
  tide: { from: string; turns: (fromMs: number, toMs: number) => { at: string; heightM: number }[] };
}

const shared = globalThis as { brinecoveFeeds?: OutsideFeeds };

/** Plugs the feeds in; done once, when the app starts. */
export function plugFeeds(feeds: OutsideFeeds): void {
  shared.brinecoveFeeds = feeds;
}

/** The feeds; null while none are plugged in. */
export const outsideFeeds = (): OutsideFeeds | null => shared.brinecoveFeeds ?? null;
