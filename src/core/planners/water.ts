import { Type, type Static } from "@sinclair/typebox";
import type { Calculation } from "../basics/calculation";
import { Between, fields, forgiven, name, positive, requireOnce, requireOrder } from "./quantity";

/** What is in the tanks, and who drinks and washes out of them. */
export const WaterInput = fields({
  tanks: Type.Array(fields({ id: name(), litres: Between }), { maxItems: 50 }),
  persons: Type.Integer({ minimum: 1, maximum: 1e6 }),
  litresPerPersonDay: fields({ low: positive(), high: positive() }),
  days: positive(),
});
export type WaterInput = Static<typeof WaterInput>;

/** For how many days the water lasts, and whether that is as long as is wanted. */
export interface WaterDays {
  days: { low: number; high: number };
  enough: "yes" | "perhaps" | "no";
}

/** For how many days the water lasts: the least there is with most use, and the other way round. */
export function waterDays({ tanks, persons, litresPerPersonDay, days: wanted }: WaterInput): WaterDays {
  const sum = (end: "low" | "high") => tanks.reduce((litres, tank) => litres + tank.litres[end], 0);
  const days = {
    low: sum("low") / (persons * litresPerPersonDay.high),
    high: sum("high") / (persons * litresPerPersonDay.low),
  };
  const enough = days.low >= wanted - forgiven ? "yes" : days.high < wanted - forgiven ? "no" : "perhaps";
  return { days, enough };
}

/** `./brinecove calc water` */
export const waterCalculation: Calculation<WaterInput, WaterDays> = {
  name: "water",
  about: "for how many days the water lasts",
  schema: WaterInput,
  run: (input) => {
    requireOnce(
      input.tanks.map(({ id }) => id),
      (at) => `/tanks/${at}/id`,
    );
    input.tanks.forEach(({ litres }, at) => requireOrder(litres, `/tanks/${at}/litres`));
    requireOrder(input.litresPerPersonDay, "/litresPerPersonDay");
    return waterDays(input);
  },
};
