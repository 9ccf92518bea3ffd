import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, type Judgement, oneOf, type ReadingRule, rounded } from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("depth-calibration"),
    /** from where the instrument counts, by the yacht's file */
    from: oneOf(["surface", "transducer", "keel"] as const),
    draughtM: Type.Number({ exclusiveMinimum: 0 }),
    shownM: Type.Number(),
    /** from the surface to the ground by lead line, beside the transducer */
    leadM: Type.Number(),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

/** What the instrument ought to show between: one figure from surface or keel; from the transducer, which lies between both, a range. */
function oughtToShow({ from, draughtM, leadM }: In): { leastM: number; mostM: number } {
  const belowKeelM = leadM - draughtM;
  if (from === "surface") return { leastM: leadM, mostM: leadM };
  return from === "keel" ? { leastM: belowKeelM, mostM: belowKeelM } : { leastM: belowKeelM, mostM: leadM };
}

function judge(input: In): Judgement {
  const { shownM, leadM, draughtM } = input;
  const ought = oughtToShow(input);
  // a lead line over the side is good to two decimetres or a twentieth: our own rule of thumb
  const slackM = Math.max(0.2, leadM / 20);
  const limit = { from: generalPractice, leastM: rounded(ought.leastM - slackM), mostM: rounded(ought.mostM + slackM) };
  if (shownM < -5 || shownM > 200 || leadM < draughtM - 0.3 || leadM > 60)
    return {
      ...asks(
        "stop",
        `${shownM} m shown at ${leadM} m by the lead cannot be, she draws ${draughtM} m`,
        "Sound once more beside the hull, and read again.",
        limit,
      ),
      askAgain: true,
    };
  const one = (value: number) => String(Math.round(value * 10) / 10);
  if (shownM > ought.mostM + slackM)
    return asks(
      "stop",
      `It shows ${one(shownM - ought.mostM)} m more water than there is`,
      "Set the offset before she leaves, sound again, and tell the skipper from where it counts.",
      limit,
    );
  if (shownM < ought.leastM - slackM)
    return asks(
      "watch",
      `It shows ${one(ought.leastM - shownM)} m less water than there is`,
      "Set the offset, sound again; tell the skipper from where it counts.",
      limit,
    );
  return fine(`${one(shownM)} m shown at ${one(leadM)} m by the lead`, limit);
}

/** The depth instrument against a lead line over the side. */
export const depthCalibration: ReadingRule<In> = {
  name: "depth-calibration",
  schema,
  fields: [
    { name: "shownM", type: "number", least: -5, most: 200 },
    { name: "leadM", type: "number", least: 0, most: 60 },
  ],
  number: null,
  limits: [],
  given: ({ file: { particulars } }) => ({
    from: particulars.depth?.from ?? "surface",
    draughtM: particulars.draughtM,
  }),
  sample: ({ from, draughtM }) => ({
    leadM: 4,
    shownM: rounded(from === "keel" ? 4 - Number(draughtM ?? 0) : from === "surface" ? 4 : 3.6),
  }),
  judge,
};
