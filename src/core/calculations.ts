import type { Calculation } from "./basics/calculation";
import { compareCalculation } from "./comparison/calc";
import { judgeCalculation } from "./readings/calc";
import { settleCalculation } from "./settlement/calc";

/** Every computation that the command line and the routes offer, by name. */
export const calculations: readonly Calculation[] = [compareCalculation, judgeCalculation, settleCalculation] as Calculation[];
