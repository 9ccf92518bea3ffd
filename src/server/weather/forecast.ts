import "server-only";
import type { Forecast } from "@/core/weather/forecast";
import type { SimulatedWeather } from "@/formats/desk";
import { simulatedDay, simulatedWeathers } from "@/stand-ins/weather-feed";
import type { Queryable } from "../db/pool";

/** The forecast for a day, out of the feed. */
export async function forecastFor(db: Queryable, day: string): Promise<Forecast> {
  const { rows } = await db.query<{ forecast: Forecast }>("select forecast from simulated_forecast where day = $1 order by number desc limit 1", [day]);
  return rows[0]?.forecast ?? simulatedDay(day);
}

/** Tells the simulated feed what to say of a day. */
export async function simulateForecast(db: Queryable, day: string, weather: SimulatedWeather, at: string): Promise<void> {
  await db.query(
    `insert into simulated_forecast (base_id, day, number, forecast, set_at)
     select current_base(), $1, coalesce(max(number), 0) + 1, $2, $3 from simulated_forecast where day = $1`,
    [day, JSON.stringify(simulatedWeathers[weather](day)), at],
  );
}
