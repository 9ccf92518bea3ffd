import type { Calculation } from "./basics/calculation";
import { walkCalculation } from "./briefing/walk/calc";
import { compareCalculation } from "./comparison/calc";
import { drillCalculation } from "./drills/calc";
import { diagnoseCalculation } from "./faults/diagnose/calc";
import { berthingCalculation } from "./berthing/calc";
import { handlingCalculation } from "./handling/calc";
import { planners } from "./planners";
import { judgeCalculation } from "./readings/calc";
import { settleCalculation } from "./settlement/calc";
import { checkCalculation } from "./truth/calc";
import { findCalculation } from "./yacht/finder/calc";

/** Every computation that the command line and the routes offer, by name. */
export const calculations: readonly Calculation[] = [
  berthingCalculation,
  checkCalculation,
  compareCalculation,
  diagnoseCalculation,
  drillCalculation,
  findCalculation,
  handlingCalculation,
  judgeCalculation,
  settleCalculation,
  walkCalculation,
  ...planners,
] as Calculation[];
