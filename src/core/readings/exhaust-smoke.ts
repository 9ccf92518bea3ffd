import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, oneOf, type Judgement, type ReadingRule } from "./rule";

const smokes = ["none", "brief", "white", "black", "blue"] as const;
const schema = Type.Object(
  { reading: Type.Literal("exhaust-smoke"), smoke: oneOf(smokes) },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

const limit = { from: generalPractice };

const words: Record<In["smoke"], Judgement> = {
  none: fine("No smoke", limit),
  brief: fine("White in the first cold minute is usual", limit),
  white: asks(
    "stop",
    "White smoke that stays: water or unburnt fuel",
    "Stop the engine. Look at coolant and oil, then the technician.",
    limit,
  ),
  black: asks(
    "watch",
    "Black smoke: load or fouling",
    "Look at propeller and hull; less revs; tell the technician.",
    limit,
  ),
  blue: asks("watch", "Blue smoke: it burns oil", "Dip the oil, and note it: the trend tells.", limit),
};

/** Smoke at the exhaust, once the engine is warm. */
export const exhaustSmoke: ReadingRule<In> = {
  name: "exhaust-smoke",
  schema,
  fields: [{ name: "smoke", type: "choice", options: smokes }],
  number: null,
  limits: [],
  given: () => ({}),
  sample: () => ({ smoke: "brief" }),
  judge: ({ smoke }) => words[smoke],
};
