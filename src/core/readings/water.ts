import { Type, type Static } from "@sinclair/typebox";
import { generalPractice, limitsOf, type ReadingRule } from "./rule";
import { judgeTankLevel, litres, measuredLitres, tankGiven } from "./tank-level";

const schema = Type.Object(
  {
    reading: Type.Literal("water"),
    litres: Type.Number(),
    capacityL: Type.Number({ exclusiveMinimum: 0 }),
    limits: limitsOf({ watchBelowL: Type.Number({ minimum: 0 }) }),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

/** Fresh water in one tank; below half is worth filling before leaving. */
export const water: ReadingRule<In> = {
  name: "water",
  schema,
  fields: [litres],
  number: "litres",
  measured: measuredLitres,
  limits: ["watchBelowL"],
  given: (from) => {
    const { capacityL } = tankGiven(from);
    return capacityL === undefined ? {} : { capacityL };
  },
  usedUp: true,
  sample: ({ capacityL }) => ({ litres: Math.round(Number(capacityL ?? 0) * 0.95) }),
  judge: (input) =>
    judgeTankLevel({
      what: "water",
      litres: input.litres,
      capacityL: input.capacityL,
      watchBelowL: input.limits?.watchBelowL ?? input.capacityL / 2,
      from: input.limits?.from ?? generalPractice,
      whatToDo: "Fill it before leaving. Read the cap twice.",
    }),
};
