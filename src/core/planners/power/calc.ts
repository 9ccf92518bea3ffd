import type { Calculation } from "../../basics/calculation";
import { checkPowerInput, power } from "./power";
import { PowerInput, type Power } from "./schema";

/** `./brinecove calc power` */
export const powerCalculation: Calculation<PowerInput, Power> = {
  name: "power",
  about: "how full the bank is, hour by hour, and how long the engine has to run",
  schema: PowerInput,
  run: (input) => {
    checkPowerInput(input);
    return power(input);
  },
};
