import type { Calculation } from "./basics/calculation";
import { compareCalculation } from "./comparison/calc";
import { judgeCalculation } from "./readings/calc";
import { settleCalculation } from "./settlement/calc";
import { findCalculation } from "./yacht/finder/calc";

/** Every computation that the command line and the routes offer, by name. */
export const calculations: readonly Calculation[] = [compareCalculation, findCalculation, judgeCalculation, settleCalculation] as Calculation[];
