import type { Calculation } from "../../basics/calculation";
import { checkInput } from "./check-input";
import { planWalk } from "./plan-walk";
import { WalkInput, type WalkPlan } from "./schema";

/** `./brinecove calc walk` */
export const walkCalculation: Calculation<WalkInput, WalkPlan> = {
  name: "walk",
  about: "the order of a briefing with the least walking",
  schema: WalkInput,
  run: (input) => {
    checkInput(input);
    return planWalk(input);
  },
};
