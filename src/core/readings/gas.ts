import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, impossible, limitsOf, type Judgement, type ReadingRule } from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("gas"),
    /** what is left in the bottle in use, by its weight, gauge or waterline */
    percent: Type.Number(),
    fullBottles: Type.Number({ minimum: 0 }),
    smell: Type.Boolean(),
    bottles: Type.Optional(Type.Integer({ minimum: 1 })),
    limits: limitsOf({ watchBelowPercent: Type.Optional(Type.Number()) }),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

function judge({ percent, fullBottles, smell, bottles = 1, limits }: In): Judgement {
  // a quarter of a bottle in use with no full one behind it does not last a week of cooking: our own rule of thumb
  const limit = { from: limits?.from ?? generalPractice, watchBelowPercent: limits?.watchBelowPercent ?? 25 };
  if (smell)
    return asks(
      "stop",
      "It smells of gas",
      "Touch no switch, on or off; no flame, no starter. Shut the bottle by hand, everybody on deck, hatches open, pump the bilge by hand. Then the technician.",
      limit,
    );
  if (percent < 0 || percent > 100 || fullBottles >= bottles + 1)
    return impossible(
      `${percent} % and ${fullBottles} full of ${bottles} cannot be`,
      "Weigh or look once more.",
      limit,
    );
  if (percent < limit.watchBelowPercent && fullBottles < 1)
    return asks(
      "watch",
      `${percent} % in the last bottle`,
      "Put a full one aboard: no crossed thread, leak test, secured.",
      limit,
    );
  if (bottles > 1 && fullBottles < bottles - 1)
    return asks(
      "watch",
      `${fullBottles} full, ${bottles - 1} belong behind the one in use`,
      "Put the full one aboard, secured.",
      limit,
    );
  return fine(`${percent} % in the bottle in use, ${fullBottles} full behind it`, limit);
}

/** Gas: what is left, the full bottle behind it, and no smell. */
export const gas: ReadingRule<In> = {
  name: "gas",
  schema,
  fields: [
    { name: "smell", type: "yes-no" },
    { name: "percent", type: "number", least: 0, most: 100 },
    { name: "fullBottles", type: "number", least: 0, most: 12 },
  ],
  number: "percent",
  limits: ["watchBelowPercent"],
  given: ({ file, of }) => ({ bottles: file.gas[of]?.bottles ?? 1 }),
  usedUp: true,
  sample: ({ bottles }) => ({ smell: false, percent: 80, fullBottles: Number(bottles ?? 1) - 1 }),
  judge,
};
