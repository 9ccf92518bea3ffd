import type { Calculation } from "../basics/calculation";
import { planBerthing } from "./plan";
import { BerthingInput, type BerthingPlan } from "./schema";

/** `./brinecove calc berthing` */
export const berthingCalculation: Calculation<BerthingInput, BerthingPlan> = {
  name: "berthing",
  about:
    "which way out of a berth stays clear in this wind, tried with the errors of a human, with orders for the crew",
  schema: BerthingInput,
  run: planBerthing,
};
