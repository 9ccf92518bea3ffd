import { Type, type Static } from "@sinclair/typebox";

/** The forecast for one day at the base. */
export const Forecast = Type.Object(
  {
    day: Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$" }),
    /** mean wind and gusts at their strongest, in knots */
    windKn: Type.Number({ minimum: 0, maximum: 200 }),
    gustKn: Type.Number({ minimum: 0, maximum: 250 }),
    thunder: Type.Boolean(),
    fog: Type.Boolean(),
    /** who says so: a simulated feed says that it is simulated */
    from: Type.String(),
  },
  { additionalProperties: false },
);
export type Forecast = Static<typeof Forecast>;

/** What the simulated feed can be told to say. */
export const simulatedWeathers = ["as-it-comes", "gale", "thunder", "fog"] as const;
export type SimulatedWeather = (typeof simulatedWeathers)[number];
