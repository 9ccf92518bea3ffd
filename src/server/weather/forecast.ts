import "server-only";
import type { Forecast } from "@/core/weather/forecast";
import { toldForecast } from "../db/forecasts";
import type { Queryable } from "../db/pool";
import { outsideFeeds } from "./feed";

/** The forecast for a day: what the simulated feed was told to say, else what the feed says by itself; null where nobody knows. */
export const forecastFor = async (db: Queryable, day: string): Promise<Forecast | null> =>
  (await toldForecast(db, day)) ?? outsideFeeds()?.day(day) ?? null;
