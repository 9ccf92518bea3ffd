import "server-only";
import type { Forecast } from "@/core/weather/forecast";
import type { Queryable } from "../db/pool";
import { fromFeed } from "./feed";

/** The forecast for a day: what the simulated feed was told to say, else what the feed says by itself; null where nobody knows. */
export async function forecastFor(db: Queryable, day: string): Promise<Forecast | null> {
  const { rows } = await db.query<{ forecast: Forecast }>(
    "select forecast from simulated_forecast where day = $1 order by number desc limit 1",
    [day],
  );
  return rows[0]?.forecast ?? fromFeed(day);
}

/** Keeps what the simulated feed is told to say of a day. */
export async function tellForecast(db: Queryable, forecast: Forecast, at: string): Promise<void> {
  await db.query(
    `insert into simulated_forecast (base_id, day, number, forecast, set_at)
     select current_base(), $1, coalesce(max(number), 0) + 1, $2, $3 from simulated_forecast where day = $1`,
    [forecast.day, JSON.stringify(forecast), at],
  );
}
