import type { Calculation } from "../basics/calculation";
import { HandlingInput, type Handled } from "./schema";
import { simulate } from "./simulate";

/** `./brinecove calc handling` */
export const handlingCalculation: Calculation<HandlingInput, Handled> = {
  name: "handling",
  about: "how a boat moves near the berth by engine, rudder, thrusters, wind, current, lines and quays",
  schema: HandlingInput,
  run: simulate,
};
