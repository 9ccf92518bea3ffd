import type { Calculation } from "../basics/calculation";
import { runDrill, type Check } from "./run";
import { DrillInput, type DrillResult } from "./schema";

/** `./brinecove calc drill` */
export const drillCalculation: Calculation<DrillInput, DrillResult, { check: Check }> = {
  name: "drill",
  about: "what comes of working a simulated device, and which mistakes were made",
  schema: DrillInput,
  run: (input, { check }) => runDrill(input, check),
};
