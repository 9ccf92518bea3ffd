import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, History, impossible, numbersOf, type Judgement, type ReadingRule } from "./rule";
import { inTheLastMonth, nth, TopUps, topUpsOf } from "./top-ups";

const schema = Type.Object(
  {
    reading: Type.Literal("coolant"),
    /** 0 = lower mark, 100 = upper mark of the header tank, engine cold */
    levelPercent: Type.Number(),
    /** poured in now, after the level was read */
    addedMl: Type.Optional(Type.Number({ minimum: 0 })),
    history: History,
    topUps: TopUps,
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

const limit = { from: generalPractice, stopBelowPercent: 0, watchAbovePercent: 100 };
const fallingBy = 10;

function judge({ levelPercent, history = [], addedMl = 0, topUps = [] }: In): Judgement {
  if (levelPercent < -100 || levelPercent > 200) {
    return impossible(
      `${levelPercent} % cannot be read off the header tank`,
      "Look again, engine cold, between the marks.",
      limit,
    );
  }
  if (levelPercent < 0) {
    return asks(
      "stop",
      "Coolant below the lower mark",
      "Do not start. Top up cold, never open it hot, and look for the leak.",
      limit,
    );
  }
  if (levelPercent > 100) {
    return asks(
      "watch",
      "Coolant above the upper mark",
      "Overfilled, or gas pressing into it: look again after a run.",
      limit,
    );
  }
  const last = history.at(-1);
  if (last !== undefined && last - levelPercent > fallingBy) {
    return asks(
      "watch",
      `Coolant has fallen from ${last} % to ${levelPercent} %`,
      "A leak until shown otherwise: look under the engine.",
      limit,
    );
  }
  const times = inTheLastMonth(topUps, addedMl);
  if (addedMl > 0 && times >= 3) {
    return asks(
      "watch",
      `The ${nth(times)} top-up of coolant in a month`,
      "A leak until shown otherwise: look under the engine and at the hoses, cold.",
      limit,
    );
  }
  return fine(`Coolant between the marks, at ${levelPercent} %`, limit);
}

/** Coolant in the header tank, cold: between the marks, and not falling from entry to entry. */
export const coolant: ReadingRule<In> = {
  name: "coolant",
  schema,
  fields: [
    { name: "levelPercent", type: "number", least: -200, most: 400 },
    { name: "addedMl", type: "number", least: 0, most: 20_000, optional: true },
  ],
  number: "levelPercent",
  limits: [],
  trend: () => 40,
  given: (from) => ({ ...numbersOf(from.earlier, "levelPercent"), ...topUpsOf(from) }),
  sample: () => ({ levelPercent: 60 }),
  judge,
};
