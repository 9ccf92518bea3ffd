import { isDay, isInstant } from "../basics/instant";
import { wallClock } from "../basics/wall-clock";
import { plain } from "./columns";

/** Which comes first where a day is written in figures, as 3/4/2027. A year that comes first leaves no doubt. */
export const dateOrders = ["day-first", "month-first"] as const;
export type DateOrder = (typeof dateOrders)[number];

/** English and German months by their first letters. */
const months = ["jan", "feb", "ma|mrz", "apr", "mai|may", "jun", "jul", "aug", "sep", "okt|oct", "nov", "dez|dec"].map(
  (start) => new RegExp(`^(${start})`),
);
const monthOf = (word: string): number => {
  const letters = plain(word);
  // May stands before March, which begins alike
  if (/^ma[iy]/.test(letters)) return 5;
  return months.findIndex((start) => start.test(letters)) + 1;
};

const dayText = (year: number, month: number, day: number): string | null => {
  const text = `${year < 100 ? 2000 + year : year}-${String(month).padStart(2, "0")}-${String(day).padStart(2, "0")}`;
  return isDay(text) ? text : null;
};

const inFigures = /^(\d{1,2})[./\- ]+(\d{1,2})[./\- ]+(\d{4}|\d{2})(?!\d)/;
const yearFirst = /^(\d{4})[-./](\d{1,2})[-./](\d{1,2})(?!\d)/;
const dayAndMonth = /^(\d{1,2})[. \-]*([\p{L}]{3,})[., \-]+(\d{4}|\d{2})(?!\d)/u;
const monthAndDay = /^([\p{L}]{3,})[. ]+(\d{1,2})(?:st|nd|rd|th)?[., ]+(\d{4})(?!\d)/u;
const weekday = /^(mon?|tue?s?|wed?|thu?r?s?|fri?|sat?|sun?|mo|di|mi|do|fr|sa|so)[a-z]*[.,]* +(?=\d|\p{L})/iu;

/**
 * In which order the days of a column are written.
 *
 * @returns `either` where each could be read both ways, null where they are at odds with each other
 */
export function orderOf(texts: readonly string[]): DateOrder | "either" | null {
  const pairs = texts.flatMap((text) => {
    const [, first, second] = inFigures.exec(text.trim().replace(weekday, "")) ?? [];
    return first === undefined ? [] : [[Number(first), Number(second)] as const];
  });
  const isDayFirst = pairs.some(([first]) => first > 12);
  const isMonthFirst = pairs.some(([, second]) => second > 12);
  if (isDayFirst && isMonthFirst) return null;
  return isDayFirst ? "day-first" : isMonthFirst ? "month-first" : "either";
}

/** A day, with the time of day where one is written behind it. */
export interface Moment {
  day: string;
  time: string | null;
}

/**
 * The day that a cell tells, as offices of many countries write one: 12.06.2027, 6/12/27, 2027-06-12, 12 Jun 2027. An
 * instant with its zone is told by the base's clock.
 *
 * @returns null where it tells none
 */
export function readMoment(cell: string, order: DateOrder, timeZone: string): Moment | null {
  const text = cell.trim();
  const iso = text.replace(/^(\d{4}-\d{2}-\d{2}) (?=\d)/, "$1T");
  if (iso.includes("T") && isInstant(iso)) {
    const { day, time } = wallClock(new Date(iso).toISOString(), timeZone);
    return { day, time };
  }
  const bare = text.replace(weekday, "");
  for (const [form, parts] of forms(order)) {
    const match = form.exec(bare);
    if (!match) continue;
    const day = parts(match);
    const rest = bare.slice(match[0].length).replace(/^[T,\s]+/, "");
    const time = rest === "" ? null : readTime(rest);
    return day === null || (rest !== "" && time === null) ? null : { day, time };
  }
  return null;
}

type Form = readonly [RegExp, (match: RegExpExecArray) => string | null];
const forms = (order: DateOrder): readonly Form[] => [
  [yearFirst, ([, year, month, day]) => dayText(Number(year), Number(month), Number(day))],
  [
    inFigures,
    ([, first, second, year]) =>
      order === "day-first"
        ? dayText(Number(year), Number(second), Number(first))
        : dayText(Number(year), Number(first), Number(second)),
  ],
  [dayAndMonth, ([, day, month, year]) => dayText(Number(year), monthOf(month ?? ""), Number(day))],
  [monthAndDay, ([, month, day, year]) => dayText(Number(year), monthOf(month ?? ""), Number(day))],
];

/** The time of day that a cell tells, `17:00`: from 17:00:00, 17.00, 1700, 17h, 17 Uhr, 5 pm. Null where it tells none. */
export function readTime(cell: string): string | null {
  const match = /^(\d{1,2})(?:[:.h]?(\d{2}))?(?:[:.]\d{2}(?:\.\d+)?)?\s*(am|pm|a\.m\.|p\.m\.|h|uhr)?$/i.exec(
    cell.trim(),
  );
  if (!match) return null;
  const half = match[3]?.replaceAll(".", "").toLowerCase();
  // a figure alone is no time
  if (match[2] === undefined && half === undefined) return null;
  const written = Number(match[1]);
  const isHalf = half === "am" || half === "pm";
  if (isHalf && (written < 1 || written > 12)) return null;
  const hour = isHalf ? (written % 12) + (half === "pm" ? 12 : 0) : written;
  const minute = Number(match[2] ?? "0");
  return hour > 23 || minute > 59 ? null : `${String(hour).padStart(2, "0")}:${String(minute).padStart(2, "0")}`;
}

/** The count that a cell tells: 6, 6.0, 6,0, 6 persons. Null where it tells none. */
export function readCount(cell: string): number | null {
  const match = /^(\d{1,4})(?:[.,]0+)?(?:\s+\D*)?$/.exec(cell.trim());
  return match ? Number(match[1]) : null;
}

/** Words by which offices say that a charter does not take place. */
const cancelledWords = [
  "cancelled",
  "canceled",
  "cancellation",
  "storno",
  "storniert",
  "annule",
  "annulee",
  "cancelado",
  "annullato",
  "no show",
  "noshow",
];

/** What a cell says of whether a charter takes place; null where it says nothing. */
export function readState(cell: string): "on" | "cancelled" | null {
  const word = plain(cell);
  return word === "" ? null : cancelledWords.includes(word) ? "cancelled" : "on";
}

const languageWords: Readonly<Record<string, readonly string[]>> = {
  en: ["en", "english", "englisch", "anglais"],
  de: ["de", "german", "deutsch", "allemand"],
};

/** The language that a cell names, of those the skipper's side is written in; null for any other. */
export function readLanguage(cell: string): "en" | "de" | null {
  const [word = ""] = plain(cell).split(" ");
  const found = Object.entries(languageWords).find(([, words]) => words.includes(word))?.[0];
  return found === "en" || found === "de" ? found : null;
}
