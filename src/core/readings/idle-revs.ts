import { Type, type Static } from "@sinclair/typebox";
import { highest, lowest } from "../basics/span";
import { asks, fine, generalPractice, History, numbersOf, type Judgement, type ReadingRule } from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("idle-revs"),
    rpm: Type.Number(),
    /** what the file says; without it, practice's range */
    leastRpm: Type.Optional(Type.Number({ minimum: 0 })),
    mostRpm: Type.Optional(Type.Number({ minimum: 0 })),
    history: History,
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

/** Diesels of this size idle at about 700 to 1000: our own rule of thumb until the file has the maker's figure. */
const [practiceLeast, practiceMost] = [700, 1000];

function judge({ rpm, leastRpm, mostRpm }: In): Judgement {
  const limit = {
    from: leastRpm === undefined ? generalPractice : "yacht file",
    leastRpm: leastRpm ?? practiceLeast,
    mostRpm: mostRpm ?? practiceMost,
  };
  if (rpm < 0 || rpm > 8000)
    return {
      ...asks("stop", `${rpm} revs cannot be an idle`, "Read it once more, lever in neutral.", limit),
      askAgain: true,
    };
  if (rpm < limit.leastRpm)
    return asks(
      "watch",
      `${rpm} revs: idles low, below ${limit.leastRpm}`,
      "She may stall when put in gear: tell the technician.",
      limit,
    );
  if (rpm > limit.mostRpm)
    return asks(
      "watch",
      `${rpm} revs: idles high, above ${limit.mostRpm}`,
      "Lever quite in neutral? Else tell the technician: the gear bangs in.",
      limit,
    );
  return fine(`Idles at ${rpm} revs`, limit);
}

/** Revs in neutral, warm. */
export const idleRevs: ReadingRule<In> = {
  name: "idle-revs",
  schema,
  fields: [{ name: "rpm", type: "number", least: 0, most: 8000 }],
  number: "rpm",
  measured: (hertz) => (hertz < 0 ? null : { rpm: Math.round(hertz * 60) }),
  limits: [],
  trend: () => 80,
  given: ({ file, of, earlier }) => {
    const own = file.engines[of]?.idleRpm;
    return {
      ...(own === undefined ? {} : { leastRpm: lowest(own) * 0.9, mostRpm: highest(own) * 1.1 }),
      ...numbersOf(earlier, "rpm"),
    };
  },
  sample: ({ leastRpm, mostRpm }) => ({
    rpm: Math.round((Number(leastRpm ?? practiceLeast) + Number(mostRpm ?? practiceMost)) / 2),
  }),
  judge,
};
