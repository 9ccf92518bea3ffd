import { BadInput, type Calculation } from "../basics/calculation";
import { ReadingInput, judge, readingRules } from "./index";
import type { Judgement } from "./rule";

/** `./brinecove calc judge` */
export const judgeCalculation: Calculation<ReadingInput, Judgement> = {
  name: "judge",
  about: "the verdict on one reading",
  schema: ReadingInput,
  run: (input) => {
    if (!readingRules[input.reading]) throw new BadInput("/reading", `no rule for "${input.reading}"`);
    return judge(input);
  },
};
