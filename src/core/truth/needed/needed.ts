import type { YachtFile } from "../../yacht/schema";
import type { Found } from "../finding";

/** One kind of thing that a file has to hold for what is aboard. */
export interface Needed {
  name: string;
  find: (file: YachtFile) => Found[];
}

export const missing = (path: string, fact: string | null = null): Found => ({ path, code: "needed-missing", fact });

/** All that a procedure says, step by step, in small letters. */
export const saidInSteps = (procedure: YachtFile["procedures"][string]): string[] =>
  procedure.steps.map((step) =>
    [step.before?.en, step.words.en, step.watch?.en, step.never?.what.en, step.never?.why.en]
      .filter((words) => words !== undefined)
      .join(". ")
      .toLowerCase(),
  );
