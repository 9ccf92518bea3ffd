import type { Calculation } from "../basics/calculation";
import { anchorCalculation } from "./anchor/calc";
import { fuelCalculation } from "./fuel";
import { powerCalculation } from "./power/calc";
import { reefCalculation } from "./reef";
import { routeCalculation } from "./route/calc";
import { tideCalculation } from "./tide";
import { waterCalculation } from "./water";

/** What is planned with aboard: how much chain, which reef, how far, how long. */
export const planners = [
  anchorCalculation,
  fuelCalculation,
  powerCalculation,
  reefCalculation,
  routeCalculation,
  tideCalculation,
  waterCalculation,
] as readonly Calculation[];
