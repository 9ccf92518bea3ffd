import "server-only";
import type { Forecast } from "@/core/weather/forecast";
import { now } from "../clock";
import { addForecast } from "../db/forecasts";
import type { Queryable } from "../db/pool";

/** Keeps what the simulated feed is to say of a day. */
export async function tellWeather(db: Queryable, forecast: Forecast): Promise<Record<string, never>> {
  await addForecast(db, forecast, now());
  return {};
}
