import { Type, type Static } from "@sinclair/typebox";
import { judgeDate } from "./dated-item";
import { asks, Day, fine, generalPractice, PrintedDate, type Judgement, type ReadingRule } from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("document"),
    seen: Type.Boolean(),
    date: Type.Optional(PrintedDate),
    charterFrom: Day,
    charterTo: Day,
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

const limit = { from: "base" };

function judge({ seen, date, charterFrom, charterTo }: In): Judgement {
  if (!seen)
    return asks(
      "stop",
      "Not seen",
      "Have it shown, the original. What is asked for is a matter of local rules.",
      limit,
    );
  if (date === undefined) return fine("Seen, no date on it", { from: generalPractice });
  const dated = judgeDate(date, charterFrom, charterTo);
  return { ...dated, why: `Seen; ${dated.why.replace(/^./, (letter) => letter.toLowerCase())}` };
}

/** A paper, certificate or identity card: seen by whom it was recorded, and valid for the whole charter. No copy is kept. */
export const documentSeen: ReadingRule<In> = {
  name: "document",
  schema,
  fields: [
    { name: "seen", type: "yes-no" },
    { name: "date", type: "date", optional: true },
  ],
  number: null,
  limits: [],
  given: ({ fromDay, toDay }) => ({ charterFrom: fromDay, charterTo: toDay }),
  sample: () => ({ seen: true }),
  judge,
};
