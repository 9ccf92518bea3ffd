import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, History, type Judgement, limitsOf, numbersOf, type ReadingRule } from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("generator-output"),
    /** at its panel, running steady */
    volts: Type.Number(),
    hertz: Type.Number(),
    history: History,
    limits: limitsOf({ nominalV: Type.Optional(Type.Number()), nominalHz: Type.Optional(Type.Number()) }),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

const shareOff = (value: number, nominal: number) => Math.abs(value - nominal) / nominal;

function judge({ volts, hertz, limits }: In): Judgement {
  // 230 V and 50 Hz, a tenth and a twentieth off as mains may be; twice that harms what is plugged in: our own rule of thumb
  const limit = {
    from: limits?.from ?? generalPractice,
    nominalV: limits?.nominalV ?? 230,
    nominalHz: limits?.nominalHz ?? 50,
  };
  const said = `${volts} V, ${hertz} Hz`;
  if (volts < 0 || volts > 600 || hertz < 0 || hertz > 100)
    return {
      ...asks("stop", `${said} cannot be`, "Read it once more at the panel. Covers stay on.", limit),
      askAgain: true,
    };
  const [offV, offHz] = [shareOff(volts, limit.nominalV), shareOff(hertz, limit.nominalHz)];
  if (offV > 0.15 || offHz > 0.1)
    return asks(
      "stop",
      `${said}: far off ${limit.nominalV} V, ${limit.nominalHz} Hz`,
      "Loads off, stop it. Work inside is for licensed people.",
      limit,
    );
  if (offV > 0.1 || offHz > 0.05)
    return asks(
      "watch",
      `${said}: off ${limit.nominalV} V, ${limit.nominalHz} Hz`,
      "Try with less load; tell the technician.",
      limit,
    );
  return fine(said, limit);
}

/** What a generator gives at its panel. */
export const generatorOutput: ReadingRule<In> = {
  name: "generator-output",
  schema,
  fields: [
    { name: "volts", type: "number", least: 0, most: 600 },
    { name: "hertz", type: "number", least: 0, most: 100 },
  ],
  number: "volts",
  limits: ["nominalV", "nominalHz"],
  trend: () => 8,
  given: ({ earlier }) => numbersOf(earlier, "volts"),
  sample: () => ({ volts: 231, hertz: 50.2 }),
  judge,
};
