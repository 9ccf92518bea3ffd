import type { Forecast, SimulatedWeather } from "../core/weather/forecast";

/** Who says so, on screen and in the record: nobody must take it for weather. */
export const simulatedFrom = "simulated forecast";

/** A day at the Sallow Isles out of the simulated feed: a moderate breeze that differs from day to day, and the same for the same day. */
export function simulatedDay(day: string): Forecast {
  const seed = [...day].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 9973, 7);
  const windKn = 8 + (seed % 11);
  return { day, windKn, gustKn: Math.round(windKn * 1.35), thunder: false, fog: false, from: simulatedFrom };
}

/** What the feed can be told to say, to see what follows from it. */
export const simulatedForecasts: Readonly<Record<SimulatedWeather, (day: string) => Forecast>> = {
  "as-it-comes": simulatedDay,
  gale: (day) => ({ day, windKn: 34, gustKn: 46, thunder: false, fog: false, from: simulatedFrom }),
  thunder: (day) => ({ ...simulatedDay(day), thunder: true }),
  fog: (day) => ({ ...simulatedDay(day), windKn: 4, gustKn: 6, fog: true }),
};
