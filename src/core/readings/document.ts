import { Type, type Static } from "@sinclair/typebox";
import { againstLast, judgeDate, lastDateOf } from "./dated-item";
import { asks, Day, fine, generalPractice, PrintedDate, type Judgement, type ReadingRule } from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("document"),
    seen: Type.Boolean(),
    date: Type.Optional(PrintedDate),
    lastDate: Type.Optional(PrintedDate),
    charterFrom: Day,
    charterTo: Day,
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

const limit = { from: "base" };

function judge({ seen, date, lastDate, charterFrom, charterTo }: In): Judgement {
  if (!seen)
    return asks(
      "stop",
      "Not seen",
      "Have it shown, the original. What is asked for is a matter of local rules.",
      limit,
    );
  if (date === undefined) return fine("Seen, no date on it", { from: generalPractice });
  const dated = againstLast(judgeDate(date, charterFrom, charterTo), { date, ...(lastDate ? { lastDate } : {}) });
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
  given: ({ fromDay, toDay, earlier }) => ({ charterFrom: fromDay, charterTo: toDay, ...lastDateOf(earlier) }),
  sample: () => ({ seen: true }),
  judge,
};
