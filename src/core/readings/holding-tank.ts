import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, impossible, limitsOf, type Judgement, type ReadingRule } from "./rule";
import { litres, measuredLitres, tankGiven } from "./tank-level";

const schema = Type.Object(
  {
    reading: Type.Literal("holding-tank"),
    litres: Type.Number(),
    capacityL: Type.Number({ exclusiveMinimum: 0 }),
    /** what one step of the gauge is in litres; no judgement is finer */
    gaugeStepL: Type.Optional(Type.Number({ minimum: 0 })),
    limits: limitsOf({ watchAboveL: Type.Optional(Type.Number()), stopAboveL: Type.Optional(Type.Number()) }),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

function judge({ litres: inIt, capacityL, gaugeStepL = 0, limits }: In): Judgement {
  // handed over empty; nine tenths full is as good as full, for a gauge and for a hose: our own rule of thumb
  const limit = {
    from: limits?.from ?? generalPractice,
    watchAboveL: limits?.watchAboveL ?? Math.max(gaugeStepL, capacityL / 10),
    stopAboveL: limits?.stopAboveL ?? capacityL * 0.9,
    capacityL,
  };
  if (inIt < 0 || inIt > capacityL)
    return impossible(`${inIt} l cannot be in a tank of ${capacityL} l`, "Read the gauge once more.", limit);
  if (inIt > limit.stopAboveL)
    return asks(
      "stop",
      `${inIt} of ${capacityL} l in the holding tank: full`,
      "Stop pumping: hose or tank bursts. Have it pumped out, by the local rule.",
      limit,
    );
  if (inIt > limit.watchAboveL)
    return asks(
      "watch",
      `${inIt} of ${capacityL} l in the holding tank`,
      "It is handed over empty: pump it out by the local rule, or write down what is in it.",
      limit,
    );
  return fine(`${inIt} of ${capacityL} l in the holding tank`, limit);
}

/** A holding tank: handed over empty; full is a danger. */
export const holdingTank: ReadingRule<In> = {
  name: "holding-tank",
  schema,
  fields: [litres],
  number: "litres",
  measured: measuredLitres,
  limits: ["watchAboveL", "stopAboveL"],
  given: tankGiven,
  usedUp: true,
  sample: () => ({ litres: 0 }),
  judge,
};
