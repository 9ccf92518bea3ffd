import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, History, type Judgement, numbersOf, oneOf, type ReadingRule } from "./rule";

const seals = ["packed", "dripless"] as const;
const schema = Type.Object(
  {
    reading: Type.Literal("shaft-drip"),
    seal: oneOf(seals),
    /** drops in a minute, shaft turning in gear */
    dripsTurning: Type.Number(),
    /** drops in a minute, shaft still */
    dripsStill: Type.Number(),
    history: History,
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

function judge({ seal, dripsTurning, dripsStill }: In): Judgement {
  // a packed gland is cooled by a few drops while it turns and is dry at rest; a dripless one is dry: our own rule of thumb
  const limit = {
    from: generalPractice,
    mostTurning: seal === "packed" ? 12 : 0,
    mostStill: seal === "packed" ? 1 : 0,
  };
  if (dripsTurning < 0 || dripsStill < 0 || dripsTurning > 500 || dripsStill > 500)
    return { ...asks("stop", "So many drops cannot be counted", "Count a minute once more.", limit), askAgain: true };
  if (dripsTurning > 60 || dripsStill > 30)
    return asks(
      "stop",
      `${dripsStill} drops a minute still, ${dripsTurning} turning: it runs in`,
      "Bilge pump on, then the technician, before she leaves.",
      limit,
    );
  if (dripsTurning > limit.mostTurning || dripsStill > limit.mostStill)
    return asks(
      "watch",
      `${dripsStill} drops a minute still, ${dripsTurning} turning`,
      seal === "packed"
        ? "Have the gland taken up a little, and felt: it must not get hot."
        : "A dripless seal that drips is worn: tell the technician.",
      limit,
    );
  if (seal === "packed" && dripsTurning === 0)
    return asks(
      "watch",
      "A packed gland that turns dry gets hot",
      "Feel it, engine off; have it slackened a little.",
      limit,
    );
  return fine(`${dripsStill} drops a minute still, ${dripsTurning} turning`, limit);
}

/** What comes through the shaft's seal. Never a hand near a shaft that turns. */
export const shaftDrip: ReadingRule<In> = {
  name: "shaft-drip",
  schema,
  fields: [
    { name: "dripsTurning", type: "number", least: 0, most: 500 },
    { name: "dripsStill", type: "number", least: 0, most: 500 },
  ],
  number: "dripsTurning",
  limits: [],
  trend: () => 6,
  given: ({ file, of, earlier }) => ({
    seal: file.engines[of]?.shaftSeal ?? "packed",
    ...numbersOf(earlier, "dripsTurning"),
  }),
  sample: ({ seal }) => ({ dripsTurning: seal === "dripless" ? 0 : 4, dripsStill: 0 }),
  judge,
};
