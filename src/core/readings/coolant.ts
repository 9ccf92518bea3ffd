import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, History, impossible, type Judgement, type ReadingRule } from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("coolant"),
    /** 0 = lower mark, 100 = upper mark of the header tank, engine cold */
    levelPercent: Type.Number(),
    history: History,
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

const limit = { from: generalPractice, stopBelowPercent: 0, watchAbovePercent: 100 };
const fallingBy = 10;

function judge({ levelPercent, history = [] }: In): Judgement {
  if (levelPercent < -100 || levelPercent > 200) {
    return impossible(`${levelPercent} % cannot be read off the header tank`, "Look again, engine cold, between the marks.", limit);
  }
  if (levelPercent < 0) {
    return asks("stop", "Coolant below the lower mark", "Do not start. Top up cold, never open it hot, and look for the leak.", limit);
  }
  if (levelPercent > 100) {
    return asks("watch", "Coolant above the upper mark", "Overfilled, or gas pressing into it: look again after a run.", limit);
  }
  const last = history.at(-1);
  if (last !== undefined && last - levelPercent > fallingBy) {
    return asks("watch", `Coolant has fallen from ${last} % to ${levelPercent} %`, "A leak until shown otherwise: look under the engine.", limit);
  }
  return fine(`Coolant between the marks, at ${levelPercent} %`, limit);
}

/** Coolant in the header tank, cold: between the marks, and not falling from entry to entry. */
export const coolant: ReadingRule<In> = { name: "coolant", schema, judge };
