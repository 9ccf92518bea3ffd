import { lastGoodDay } from "../basics/instant";
import type { Verdict } from "../basics/verdict";
import type { Words } from "../basics/words";
import { readingRules } from "../readings";
import type { EarlierReading } from "../readings/rule";
import type { YachtFile } from "../yacht/schema";

/** A printed date that was read aboard, and how it stands on a day. */
export interface ReadDate {
  /** key of the reading in the yacht's file */
  reading: string;
  name: Words;
  /** as printed: 2027-06-14, or 2027-06 */
  date: string;
  /** the last day on which it is good */
  goodUntil: string;
  /** stop: past; watch: within `watchDays` */
  verdict: Verdict;
}

/** The fields that are kept as numbers from record to record, by the unit that is in their name. */
export const readNumbers = [
  "volts",
  "movesMm",
  "levelPercent",
  "seconds",
  "hours",
  "litres",
  "percent",
  "bar",
  "degreesC",
  "rpm",
  "dripsTurning",
] as const;
export type ReadNumber = (typeof readNumbers)[number];

/** The numbers of one reading, oldest first. */
export interface ReadSeries {
  reading: string;
  name: Words;
  /** the field of the rule that is kept: volts, litres, levelPercent … */
  field: ReadNumber;
  points: { at: string; value: number }[];
}

type Readings = Readonly<Record<string, readonly EarlierReading[]>>;

/** A date this near is to be planned for: the longest charter and the time a part takes to come. */
export const watchDays = 45;

const daysBetween = (from: string, to: string): number => (Date.parse(to) - Date.parse(from)) / 86_400_000;

/**
 * The dates aboard that run out, soonest first, as they were last read.
 *
 * @param history readings by line (`reading:raft-service`), oldest first
 * @param today a day: 2027-06-12
 */
export function readDates(file: YachtFile, history: Readings, today: string): ReadDate[] {
  return Object.entries(file.readings)
    .flatMap(([reading, { name, kind }]): ReadDate[] => {
      const dated = (readingRules[kind]?.fields ?? []).some(({ type }) => type === "date");
      const date = history[`reading:${reading}`]?.at(-1)?.value.date;
      const goodUntil = dated && typeof date === "string" ? lastGoodDay(date) : null;
      if (typeof date !== "string" || goodUntil === null) return [];
      const left = daysBetween(today, goodUntil);
      return [{ reading, name, date, goodUntil, verdict: left < 0 ? "stop" : left <= watchDays ? "watch" : "fine" }];
    })
    .sort((a, b) => a.goodUntil.localeCompare(b.goodUntil));
}

/** The numbers that were read aboard, by reading, in the file's order; what was read once is there with one point. */
export function readSeries(file: YachtFile, history: Readings): ReadSeries[] {
  return Object.entries(file.readings).flatMap(([reading, { name, kind }]) => {
    const field = readNumbers.find((each) => each === readingRules[kind]?.number);
    if (!field) return [];
    const points = (history[`reading:${reading}`] ?? []).flatMap(({ value, at }) =>
      typeof value[field] === "number" ? [{ at, value: value[field] }] : [],
    );
    return points.length === 0 ? [] : [{ reading, name, field, points }];
  });
}
