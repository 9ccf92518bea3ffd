import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, type Judgement, type ReadingRule } from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("log-calibration"),
    logKn: Type.Number(),
    /** over ground, there and back at the same revs, the mean of both: a stream cancels out */
    groundKn: Type.Number(),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

function judge({ logKn, groundKn }: In): Judgement {
  // a tenth is what an impeller with a little growth loses: our own rule of thumb
  const limit = { from: generalPractice, offPercent: 10 };
  if (logKn < 0 || logKn > 60 || groundKn <= 0 || groundKn > 60)
    return {
      ...asks(
        "stop",
        `${logKn} kn against ${groundKn} kn cannot be compared`,
        "Run there and back at steady revs, read both again.",
        limit,
      ),
      askAgain: true,
    };
  const off = Math.round(((logKn - groundKn) / groundKn) * 100);
  const said = `The log shows ${logKn} kn at ${groundKn} kn over ground, ${off === 0 ? "the same" : `${Math.abs(off)} % ${off > 0 ? "too much" : "too little"}`}`;
  if (logKn === 0)
    return asks("watch", "The log stands still", "Clean the impeller: arrow forward, finger-tight, it spins.", limit);
  return Math.abs(off) > limit.offPercent
    ? asks("watch", said, "Clean the impeller, then set the log; tell the skipper until then.", limit)
    : fine(said, limit);
}

/** The log against the speed over ground, there and back. */
export const logCalibration: ReadingRule<In> = {
  name: "log-calibration",
  schema,
  fields: [
    { name: "logKn", type: "number", least: 0, most: 60 },
    { name: "groundKn", type: "number", least: 0, most: 60 },
  ],
  number: null,
  limits: [],
  given: () => ({}),
  sample: () => ({ logKn: 5.1, groundKn: 5 }),
  judge,
};
