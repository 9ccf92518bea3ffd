import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, History, type Judgement, limitsOf, numbersOf, type ReadingRule } from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("engine-temperature"),
    /** of the coolant, on the gauge, after it has run under load */
    degreesC: Type.Number(),
    history: History,
    limits: limitsOf({ watchAboveC: Type.Optional(Type.Number()), stopAboveC: Type.Optional(Type.Number()) }),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

function judge({ degreesC, limits }: In): Judgement {
  // our own rule of thumb until the file has the maker's: a closed circuit works at about 75 to 90 °C
  const limit = {
    from: limits?.from ?? generalPractice,
    watchAboveC: limits?.watchAboveC ?? 95,
    stopAboveC: limits?.stopAboveC ?? 100,
  };
  if (degreesC < -10 || degreesC > 150)
    return {
      ...asks("stop", `${degreesC} °C cannot be on an engine's gauge`, "Read it once more.", limit),
      askAgain: true,
    };
  if (degreesC > limit.stopAboveC)
    return asks(
      "stop",
      `${degreesC} °C: too hot, above ${limit.stopAboveC}`,
      "Revs down, look at the exhaust, stop. Never open coolant hot.",
      limit,
    );
  if (degreesC > limit.watchAboveC)
    return asks(
      "watch",
      `${degreesC} °C: hot, above ${limit.watchAboveC}`,
      "Look at cooling water and strainer; read again under load.",
      limit,
    );
  if (degreesC < 50) return fine(`${degreesC} °C: not warm yet`, limit, { provisional: true });
  return fine(`${degreesC} °C on the gauge`, limit);
}

/** Temperature of the coolant on the engine's gauge, warm. */
export const engineTemperature: ReadingRule<In> = {
  name: "engine-temperature",
  schema,
  fields: [{ name: "degreesC", type: "number", least: -20, most: 200 }],
  number: "degreesC",
  measured: (kelvin) => (kelvin < 200 || kelvin > 450 ? null : { degreesC: Math.round(kelvin - 273.15) }),
  limits: ["watchAboveC", "stopAboveC"],
  trend: () => 8,
  given: ({ earlier }) => numbersOf(earlier, "degreesC"),
  sample: () => ({ degreesC: 82 }),
  judge,
};
