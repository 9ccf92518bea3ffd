import { clausesOf, sentencesOf } from "./clauses";

export const units = [
  "s",
  "min",
  "h",
  "rpm",
  "l",
  "m",
  "mm",
  "kg",
  "t",
  "A",
  "V",
  "W",
  "kW",
  "strokes",
  "kn",
  "persons",
] as const;
export type Unit = (typeof units)[number];

/** A figure in a text, with the words around it. */
export interface Amount {
  value: number;
  /** the upper end, where it is a range */
  to: number;
  unit: Unit;
  /** the least part of the text that it stands in, in small letters */
  clause: string;
  /** the same, up to the figure, and from its unit on */
  before: string;
  after: string;
  sentence: string;
}

const numerals: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  eighteen: 18,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  half: 0.5,
};
const number = `\\d+(?:[.,]\\d+)?|${Object.keys(numerals)
  .filter((word) => word !== "half")
  .join("|")}`;
/** Each unit as people write it. A single letter counts after a figure alone: "a m" is no metre. */
const written: Readonly<Record<Unit, string>> = {
  s: "seconds?|secs?|s(?![\\p{L}])",
  min: "minutes?|mins?",
  h: "hours?",
  rpm: "revs|rpm|revolutions",
  l: "litres?|liters?|l(?![\\p{L}])",
  m: "metres?|meters?|m(?![\\p{L}])",
  mm: "millimetres?|mm",
  kg: "kilograms?|kilos?|kg",
  t: "tonnes?",
  A: "amperes?|amps?|a(?![\\p{L}'])",
  V: "volts?|v(?![\\p{L}])",
  W: "watts?|w(?![\\p{L}])",
  kW: "kilowatts?|kw(?![\\p{L}])",
  strokes: "(?:\\p{L}+ )?strokes",
  kn: "knots?|kn",
  persons: "persons?|people",
};
const patterns = units.map(
  (unit) =>
    [
      unit,
      new RegExp(
        `(?<![\\p{L}\\d.,+−-])(?:(half) an? |(${number})(?:\\s*(?:–|-|to)\\s*(${number}))?[\\s-]*)(?:full )?(?:${written[unit]})(?![\\p{L}])`,
        "giu",
      ),
    ] as const,
);

/** "15,800" are thousands, "2,75" is a decimal as some write it. */
const valueOf = (text: string): number =>
  numerals[text.toLowerCase()] ?? Number(text.replace(/^(\d{1,3}),(\d{3})$/, "$1$2").replace(",", "."));
const lettersOnly = /^\p{L}+$/u;

/** "volts: they rise above 13.5": volts are written without their unit where the sentence speaks of them. */
const bareVolts = /\b(?:above|below|over|under|at least|about)\s+(\d{2}\.\d{1,2})(?!\s*[\p{L}\d])/giu;
const voltsIn = (text: string): Amount[] =>
  sentencesOf(text)
    .filter((sentence) => /\bvolts?\b/i.test(sentence))
    .flatMap((sentence) =>
      [...sentence.matchAll(bareVolts)].map((match): Amount => {
        const small = sentence.toLowerCase();
        const at = match.index;
        return {
          value: Number(match[1]),
          to: Number(match[1]),
          unit: "V",
          clause: small,
          before: small.slice(0, at + match[0].length - (match[1]?.length ?? 0)),
          after: small.slice(at + match[0].length),
          sentence: small,
        };
      }),
    );

/** Every figure with a unit in a text; number words count as figures. */
export const amountsIn = (text: string): Amount[] => [...withUnits(text), ...voltsIn(text)];

/** Most texts have no unit at all; one of a single letter stands after a figure alone. */
const anyUnit =
  /second|\bsecs?\b|minute|\bmins?\b|hour|\brevs\b|\brpm\b|revolution|litre|liter|metre|meter|kilo|tonne|amp|volt|watt|stroke|knot|person|people|\d\s?\p{L}/iu;

function withUnits(text: string): Amount[] {
  if (!anyUnit.test(text)) return [];
  return sentencesOf(text).flatMap((sentence) =>
    clausesOf(sentence).flatMap((clause) =>
      patterns.flatMap(([unit, pattern]) =>
        [...clause.matchAll(pattern)].flatMap((match): Amount[] => {
          const [whole, half, from, to] = match;
          // "a l", "two s": a letter is a unit after digits alone
          if (from && lettersOnly.test(from) && /[\s-]\p{L}$/u.test(whole)) return [];
          // "a few strokes", "a knot in the line": a single one is a figure of time alone
          if (from && /^an?$/i.test(from) && !["s", "min", "h"].includes(unit)) return [];
          const value = half ? 0.5 : valueOf(from ?? "");
          const small = clause.toLowerCase();
          return [
            {
              value,
              to: to ? valueOf(to) : value,
              unit,
              clause: small,
              before: small.slice(0, match.index),
              after: small.slice(match.index + whole.length),
              sentence: sentence.toLowerCase(),
            },
          ];
        }),
      ),
    ),
  );
}
