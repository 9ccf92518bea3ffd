import { InputError, type Calculation } from "../basics/calculation";
import { isDay } from "../basics/instant";
import { ReadingInput, judge } from "./index";
import type { Judgement } from "./rule";

/** A charter's days are days that there are, and its end is not before its beginning. */
function checkCharter({ charterFrom, charterTo }: { charterFrom?: string; charterTo?: string }): void {
  for (const [field, day] of Object.entries({ charterFrom, charterTo }))
    if (day !== undefined && !isDay(day)) throw new InputError(`/${field}`, `there is no such day as ${day}`);
  if (charterFrom !== undefined && charterTo !== undefined && charterTo < charterFrom)
    throw new InputError("/charterTo", `the charter ends on ${charterTo}, before it begins on ${charterFrom}`);
}

/** `./brinecove calc judge` */
export const judgeCalculation: Calculation<ReadingInput, Judgement> = {
  name: "judge",
  about: "the verdict on one reading",
  schema: ReadingInput,
  run: (input) => {
    checkCharter(input as { charterFrom?: string; charterTo?: string });
    return judge(input);
  },
};
