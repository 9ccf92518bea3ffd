import { instantIn } from "../core/basics/instant";
import type { Forecast, SimulatedWeather } from "../core/weather/forecast";
import type { WindHour } from "../core/weather/outlook";

/** Who says so, on screen and in the record: nobody must take it for weather. */
export const simulatedFrom = "simulated forecast";

const seedOf = (day: string) => [...day].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 9973, 7);

/** A day at the Sallow Isles out of the simulated feed: a moderate breeze that differs from day to day, and the same for the same day. */
export function simulatedDay(day: string): Forecast {
  const windKn = 8 + (seedOf(day) % 11);
  return { day, windKn, gustKn: Math.round(windKn * 1.35), thunder: false, fog: false, from: simulatedFrom };
}

/** What the feed can be told to say, to see what follows from it. */
export const simulatedForecasts: Readonly<Record<SimulatedWeather, (day: string) => Forecast>> = {
  "as-it-comes": simulatedDay,
  gale: (day) => ({ day, windKn: 34, gustKn: 46, thunder: false, fog: false, from: simulatedFrom }),
  thunder: (day) => ({ ...simulatedDay(day), thunder: true }),
  fog: (day) => ({ ...simulatedDay(day), windKn: 4, gustKn: 6, fog: true }),
};

/** The hours of a simulated day: least before dawn, the day's own figures at three in the afternoon, slowly veering. */
export function simulatedHours({ day, windKn, gustKn }: Forecast, timeZone: string): WindHour[] {
  const midnight = Date.parse(instantIn(day, "00:00", timeZone));
  const begins = 180 + (seedOf(day) % 8) * 20;
  return Array.from({ length: 24 }, (_, hour) => {
    const share = 0.7 + 0.3 * Math.cos((2 * Math.PI * (hour - 15)) / 24);
    const tenth = (kn: number) => Math.round(kn * 10) / 10;
    return {
      at: new Date(midnight + hour * 3_600_000).toISOString(),
      windKn: tenth(windKn * share),
      gustKn: tenth(gustKn * share),
      fromDeg: (begins + hour) % 360,
    };
  });
}
