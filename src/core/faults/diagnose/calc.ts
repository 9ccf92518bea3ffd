import type { Calculation } from "../../basics/calculation";
import { diagnose } from "./diagnose";
import { DiagnoseInput, type Diagnosis } from "./schema";

/** `./brinecove calc diagnose` */
export const diagnoseCalculation: Calculation<DiagnoseInput, Diagnosis> = {
  name: "diagnose",
  about: "which check first, so that a fault is found soonest",
  schema: DiagnoseInput,
  run: diagnose,
};
