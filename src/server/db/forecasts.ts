import "server-only";
import type { Forecast } from "@/core/weather/forecast";
import { takeTurns } from "./locks";
import type { Queryable } from "./pool";

/** What the simulated feed was told to say of a day, or null. */
export async function toldForecast(db: Queryable, day: string): Promise<Forecast | null> {
  const { rows } = await db.query<{ forecast: Forecast }>(
    "select forecast from simulated_forecast where day = $1 order by number desc limit 1",
    [day],
  );
  return rows[0]?.forecast ?? null;
}

/** Keeps what the simulated feed is told to say of a day. */
export async function addForecast(db: Queryable, forecast: Forecast, at: string): Promise<void> {
  await takeTurns(db, `forecast ${forecast.day}`);
  await db.query(
    `insert into simulated_forecast (base_id, day, number, forecast, set_at)
     select current_base(), $1, coalesce(max(number), 0) + 1, $2, $3 from simulated_forecast where day = $1`,
    [forecast.day, JSON.stringify(forecast), at],
  );
}

/** What the simulated feed was told to say of some days, by day. */
export async function toldForecasts(db: Queryable, days: readonly string[]): Promise<ReadonlyMap<string, Forecast>> {
  const { rows } = await db.query<{ day: string; forecast: Forecast }>(
    "select distinct on (day) day::text as day, forecast from simulated_forecast where day = any($1::date[]) order by day, number desc",
    [days],
  );
  return new Map(rows.map(({ day, forecast }) => [day, forecast]));
}
