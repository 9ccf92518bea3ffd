import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, History, type Judgement, limitsOf, numbersOf, type ReadingRule } from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("state-of-charge"),
    /** on the bank's own monitor */
    percent: Type.Number(),
    history: History,
    limits: limitsOf({
      watchBelowPercent: Type.Optional(Type.Number()),
      stopBelowPercent: Type.Optional(Type.Number()),
    }),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

function judge({ percent, limits }: In): Judgement {
  // she is handed over charged; near a fifth lithium's protection is not far: our own rule of thumb
  const limit = {
    from: limits?.from ?? generalPractice,
    watchBelowPercent: limits?.watchBelowPercent ?? 70,
    stopBelowPercent: limits?.stopBelowPercent ?? 20,
  };
  if (percent < 0 || percent > 100)
    return { ...asks("stop", `${percent} % cannot be`, "Read the monitor once more.", limit), askAgain: true };
  if (percent < limit.stopBelowPercent)
    return asks(
      "stop",
      `${percent} % in the bank is below ${limit.stopBelowPercent} %`,
      "Charge it before she leaves; at zero its protection opens.",
      limit,
    );
  if (percent < limit.watchBelowPercent)
    return asks(
      "watch",
      `${percent} % in the bank is below ${limit.watchBelowPercent} %`,
      "Charge it before she leaves.",
      limit,
    );
  return fine(`${percent} % in the bank`, limit);
}

/** Percent of charge on the bank's own monitor: what volts do not tell of lithium. */
export const stateOfCharge: ReadingRule<In> = {
  name: "state-of-charge",
  schema,
  fields: [{ name: "percent", type: "number", least: 0, most: 100 }],
  number: "percent",
  measured: (share) => (share < 0 || share > 1 ? null : { percent: Math.round(share * 100) }),
  limits: ["watchBelowPercent", "stopBelowPercent"],
  given: ({ earlier }) => numbersOf(earlier, "percent"),
  usedUp: true,
  sample: () => ({ percent: 95 }),
  judge,
};
