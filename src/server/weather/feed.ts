import "server-only";
import type { Forecast } from "@/core/weather/forecast";

/** Where forecasts come from: one day's, or null where the feed knows none. */
export type WeatherFeed = (day: string) => Forecast | null;

const shared = globalThis as { brinecoveWeather?: WeatherFeed };

/** Plugs a feed in; done once, when the app starts. */
export function plugWeatherFeed(feed: WeatherFeed): void {
  shared.brinecoveWeather = feed;
}

/** What the feed says of a day; null while none is plugged in. */
export const fromFeed: WeatherFeed = (day) => shared.brinecoveWeather?.(day) ?? null;
