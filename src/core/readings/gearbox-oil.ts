import { Type, type Static } from "@sinclair/typebox";
import {
  asks,
  fine,
  generalPractice,
  History,
  impossible,
  numbersOf,
  type Judgement,
  type ReadingRule,
  oneOf,
} from "./rule";

const looks = ["clear", "burnt", "milky"] as const;
const schema = Type.Object(
  {
    reading: Type.Literal("gearbox-oil"),
    /** 0 = lower mark, 100 = upper mark of its dipstick, dipped as the maker says: resting or screwed in */
    levelPercent: Type.Number(),
    looks: oneOf(looks),
    history: History,
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

const limit = { from: generalPractice, stopBelowPercent: 0, watchAbovePercent: 100 };

function judge({ levelPercent, looks: look }: In): Judgement {
  if (levelPercent < -100 || levelPercent > 200)
    return impossible(
      `${levelPercent} % cannot be read off a dipstick`,
      "Wipe it, dip again as the maker says: resting or screwed in.",
      limit,
    );
  if (look === "milky")
    return asks("stop", "Milky gearbox oil: water in it", "Do not run her. Call the technician.", limit);
  if (look === "burnt")
    return asks("stop", "Burnt gearbox oil: the clutch slips", "Do not run her. Call the technician.", limit);
  if (levelPercent < 0)
    return asks(
      "stop",
      "Gearbox oil below the lower mark",
      "Top up with the right grade, look for the leak, dip again.",
      limit,
    );
  if (levelPercent > 120)
    return asks(
      "stop",
      "Gearbox oil far above the upper mark: overfilled, or water in it",
      "Call the technician.",
      limit,
    );
  if (levelPercent > 100)
    return asks(
      "watch",
      "Gearbox oil above the upper mark",
      "Dip again as the maker says; it may have been dipped the other way.",
      limit,
    );
  return fine(`Gearbox oil clear, at ${levelPercent} % between the marks`, limit);
}

/** Gearbox oil: clear, between the marks. */
export const gearboxOil: ReadingRule<In> = {
  name: "gearbox-oil",
  schema,
  fields: [
    { name: "levelPercent", type: "number", least: -200, most: 400 },
    { name: "looks", type: "choice", options: looks },
  ],
  number: "levelPercent",
  limits: [],
  trend: () => 40,
  given: ({ earlier }) => numbersOf(earlier, "levelPercent"),
  sample: () => ({ levelPercent: 75, looks: "clear" }),
  judge,
};
