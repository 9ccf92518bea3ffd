import { Type, type Static } from "@sinclair/typebox";
import { lastGoodDay } from "../basics/instant";
import {
  asks,
  Day,
  type EarlierReading,
  fine,
  generalPractice,
  impossible,
  PrintedDate,
  type Judgement,
  type ReadingRule,
  nextYear,
} from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("dated-item"),
    /** as printed: 2027-06-14, or 2027-06, which runs to that month's end */
    date: PrintedDate,
    /** what was read off it the last time: one that lies before it was misread, or the thing was changed for an older one */
    lastDate: Type.Optional(PrintedDate),
    charterFrom: Day,
    charterTo: Day,
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

/** Judges a printed date against the days of the charter: a date that falls inside the charter counts as expired. */
export function judgeDate(date: string, charterFrom: string, charterTo: string): Judgement {
  const limit = { from: generalPractice, goodUntilAtLeast: charterTo };
  const last = lastGoodDay(date);
  if (last === null) return impossible(`There is no day ${date}`, "Read the label again: year, month, day.", limit);
  if (Number(date.slice(0, 4)) - Number(charterTo.slice(0, 4)) > 25) {
    return impossible(`${date} is too far off to be on a label`, "Read the label again: year, month, day.", limit);
  }
  if (last < charterFrom) return asks("stop", `Out of date since ${last}`, "Change it before she leaves.", limit);
  if (last < charterTo)
    return asks("stop", `Runs out on ${last}, during this charter`, "Change it before she leaves.", limit);
  if (last === charterTo)
    return asks(
      "watch",
      `Good until ${last}, the last day of this charter`,
      "Have it changed at the next turn-round.",
      limit,
    );
  return fine(`Good until ${last}`, limit);
}

/** The date that was read off a thing the last time, for its rule. */
export function lastDateOf(earlier: readonly EarlierReading[]): { lastDate?: string } {
  const last = earlier.at(-1)?.value.date;
  return typeof last === "string" ? { lastDate: last } : {};
}

/** A date that has moved backward is asked about, whatever else it says: labels do not grow older. */
export function againstLast(judged: Judgement, { date, lastDate }: { date: string; lastDate?: string }): Judgement {
  const [is, was] = [lastGoodDay(date), lastDate === undefined ? null : lastGoodDay(lastDate)];
  if (is === null || was === null || is >= was) return judged;
  const why = `${judged.why}; ${lastDate} was read off it before, and this lies earlier`;
  return judged.verdict === "stop"
    ? { ...judged, why, askAgain: true }
    : asks("watch", why, "Read the label again: is it the same thing?", judged.limit, { askAgain: true });
}

/** Flares, raft service, jacket cylinders, gas hose: the printed date against the charter's days. */
export const datedItem: ReadingRule<In> = {
  name: "dated-item",
  schema,
  fields: [{ name: "date", type: "date" }],
  number: null,
  limits: [],
  given: ({ fromDay, toDay, earlier }) => ({ charterFrom: fromDay, charterTo: toDay, ...lastDateOf(earlier) }),
  sample: (given) => ({ date: nextYear(given) }),
  judge: (input) => againstLast(judgeDate(input.date, input.charterFrom, input.charterTo), input),
};
