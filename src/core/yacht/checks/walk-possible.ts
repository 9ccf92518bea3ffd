import { BadInput } from "../../basics/calculation";
import { walkInput } from "../../briefing/stops/walk-input";
import { walkProblem } from "../../briefing/walk/problem";
import type { FileCheck } from "./check";

/** The briefing can be walked: no stop waits for itself by way of the rules, and every one can be reached. */
export const walkPossible: FileCheck = {
  name: "walk-possible",
  level: "error",
  find: (file) => {
    try {
      walkProblem(walkInput(file, "deck-first"));
      return [];
    } catch (error) {
      if (error instanceof BadInput) return [{ path: "/stops", message: `the briefing cannot be walked: ${error.message}` }];
      throw error;
    }
  },
};
