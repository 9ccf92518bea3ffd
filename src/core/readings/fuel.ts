import { Type, type Static } from "@sinclair/typebox";
import { generalPractice, limitsOf, type ReadingRule } from "./rule";
import { judgeTankLevel, litres, measuredLitres, tankGiven } from "./tank-level";

const schema = Type.Object(
  {
    reading: Type.Literal("fuel"),
    litres: Type.Number(),
    capacityL: Type.Number({ exclusiveMinimum: 0 }),
    /** what one step of the gauge is in litres; no judgement is finer */
    gaugeStepL: Type.Optional(Type.Number({ minimum: 0 })),
    limits: limitsOf({ watchBelowL: Type.Number({ minimum: 0 }) }),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

/** Fuel in the tank. Handed over full: a step of the gauge or a twentieth of the tank short is worth a word. */
export const fuel: ReadingRule<In> = {
  name: "fuel",
  schema,
  fields: [litres],
  number: "litres",
  measured: measuredLitres,
  limits: ["watchBelowL"],
  given: tankGiven,
  usedUp: true,
  sample: ({ capacityL }) => ({ litres: Number(capacityL ?? 0) }),
  judge: (input) =>
    judgeTankLevel({
      what: "fuel",
      litres: input.litres,
      capacityL: input.capacityL,
      watchBelowL: input.limits?.watchBelowL ?? input.capacityL - Math.max(input.gaugeStepL ?? 0, input.capacityL / 20),
      from: input.limits?.from ?? generalPractice,
      whatToDo: "Write down what is in her: that is what she comes back with, by the charter's terms.",
    }),
};
