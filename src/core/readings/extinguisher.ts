import { Type, type Static } from "@sinclair/typebox";
import { againstLast, judgeDate, lastDateOf } from "./dated-item";
import { asks, Day, generalPractice, PrintedDate, type Judgement, type ReadingRule, nextYear } from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("extinguisher"),
    needle: Type.Union([Type.Literal("green"), Type.Literal("red"), Type.Literal("none")]),
    pinAndSeal: Type.Boolean(),
    date: PrintedDate,
    lastDate: Type.Optional(PrintedDate),
    charterFrom: Day,
    charterTo: Day,
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

const limit = { from: generalPractice, needle: "green" };

function judge(input: In): Judgement {
  if (input.needle === "red")
    return asks("stop", "The needle is out of the green", "Change it before she leaves.", limit);
  if (!input.pinAndSeal) return asks("stop", "Pin or seal is missing", "Change it before she leaves.", limit);
  const dated = againstLast(judgeDate(input.date, input.charterFrom, input.charterTo), input);
  if (dated.verdict !== "fine") return dated;
  if (input.needle === "none")
    return asks("watch", "No needle to read on this one", "Weigh it by hand and go by its date.", limit);
  return { ...dated, why: `Needle green, pin and seal there; ${dated.why.toLowerCase()}` };
}

/** Extinguisher: needle in the green, pin and seal there, in date for the whole charter. */
export const extinguisher: ReadingRule<In> = {
  name: "extinguisher",
  schema,
  fields: [
    { name: "needle", type: "choice", options: ["green", "red", "none"] },
    { name: "pinAndSeal", type: "yes-no" },
    { name: "date", type: "date" },
  ],
  number: null,
  limits: [],
  given: ({ fromDay, toDay, earlier }) => ({ charterFrom: fromDay, charterTo: toDay, ...lastDateOf(earlier) }),
  sample: (given) => ({ needle: "green", pinAndSeal: true, date: nextYear(given) }),
  judge,
};
