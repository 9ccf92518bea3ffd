import { Type, type Static } from "@sinclair/typebox";
import {
  asks,
  fine,
  generalPractice,
  History,
  impossible,
  numbersOf,
  oneOf,
  type Judgement,
  type ReadingRule,
} from "./rule";

const flows = ["strong", "weak", "none"] as const;
const schema = Type.Object(
  {
    reading: Type.Literal("cooling-water"),
    flow: oneOf(flows),
    /** from the start until water came out of the exhaust; left out where none came */
    seconds: Type.Optional(Type.Number()),
    /** what this engine takes, by the yacht's file */
    usualSeconds: Type.Optional(Type.Number({ exclusiveMinimum: 0 })),
    history: History,
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

function judge({ flow, seconds, usualSeconds = 15 }: In): Judgement {
  const limit = { from: "yacht file", usualSeconds };
  if (flow === "none")
    return asks(
      "stop",
      "No cooling water",
      "Stop the engine at once. Seacock open, strainer clear? Then impeller: call the technician.",
      { from: generalPractice },
    );
  if (seconds !== undefined && (seconds < 0 || seconds > 300))
    return impossible(
      `${seconds} seconds until the water came cannot be`,
      "Count the seconds from the start once more.",
      limit,
    );
  if (seconds !== undefined && seconds > usualSeconds * 2)
    return asks(
      "stop",
      `Water came after ${seconds} s, on this engine it takes ${usualSeconds}`,
      "Stop the engine. Seacock fully open, strainer clear and its lid tight, then the impeller.",
      limit,
    );
  if (flow === "weak")
    return asks("watch", "The cooling water is weak", "Look at the strainer and its lid, then at the impeller.", {
      from: generalPractice,
    });
  if (seconds !== undefined && seconds > usualSeconds)
    return asks(
      "watch",
      `Water came after ${seconds} s, on this engine it takes ${usualSeconds}`,
      "Strainer clear, lid tight? Look again at the next start.",
      limit,
    );
  return fine(
    seconds === undefined ? "Strong pulses of cooling water" : `Strong pulses of cooling water after ${seconds} s`,
    limit,
  );
}

/** Cooling water at the exhaust, right after the start: strong pulses within the seconds that this engine takes. */
export const coolingWater: ReadingRule<In> = {
  name: "cooling-water",
  schema,
  fields: [
    { name: "flow", type: "choice", options: flows },
    { name: "seconds", type: "number", least: 0, most: 600, optional: true },
  ],
  number: "seconds",
  limits: [],
  trend: () => 5,
  given: ({ file, of, earlier }) => {
    const usualSeconds = (file.engines[of] ?? file.generators[of])?.coolingWaterSeconds;
    return { ...(usualSeconds ? { usualSeconds } : {}), ...numbersOf(earlier, "seconds") };
  },
  sample: () => ({ flow: "strong", seconds: 8 }),
  judge,
};
