import type { Instant } from "../basics/instant";

/** Where a figure comes from, and when it was told, where that matters. */
export type Source =
  /** her own file */
  | { from: "file" }
  /** a rule of thumb from her dimensions: nobody measured it */
  | { from: "rule" }
  /** what is usual aboard: nobody measured it */
  | { from: "usual" }
  /** what was agreed: people aboard, the hour of coming back */
  | { from: "charter" }
  /** read aboard, at the check-in, on a morning round, or as somebody typed it */
  | { from: "check-in" | "round" | "hand"; at: Instant }
  /** read aboard, and reckoned on from there */
  | { from: "since"; at: Instant }
  /** this crew's own use, by its readings over so many days */
  | { from: "learned"; days: number }
  /** a feed of the base, by its own name, as the base heard it */
  | { from: "feed"; name: string; at: Instant };

/** A figure with where it comes from. */
export interface Known {
  value: number;
  source: Source;
}

/** What is known as lying between two figures, with where it comes from. */
export interface KnownBetween {
  low: number;
  high: number;
  source: Source;
}

/** Units that people see; how each is written is for the screen. */
export type Unit =
  | "m"
  | "kn"
  | "l"
  | "percent"
  | "deg"
  | "nm"
  | "people"
  | "h"
  | "l/d"
  | "A"
  | "m2"
  | "kg/m"
  | "days"
  | "kg"
  | "g/h"
  | "min";

/** How a figure is typed or dragged: in which unit, between what, and by which step. */
export interface Field {
  unit: Unit;
  least: number;
  most: number;
  step: number;
}

/** The figures of a planner by name; null where nobody knows one yet. */
export type Figures<Name extends string> = Record<Name, Known | null>;

/** What a person typed of a planner's figures on this device, and when. */
export type Typed<Name extends string> = Partial<Record<Name, { value: number; at: Instant }>>;

/** The figures with what a person typed in place of what was known; out of its bounds nothing is taken. */
export function withTyped<Name extends string>(
  known: Figures<Name>,
  typed: Typed<Name>,
  fields: Readonly<Record<Name, Field>>,
): Figures<Name> {
  const names = Object.keys(known) as Name[];
  return Object.fromEntries(
    names.map((name) => {
      const own = typed[name];
      const { least, most } = fields[name];
      if (!own || !Number.isFinite(own.value) || own.value < least || own.value > most) return [name, known[name]];
      return [name, { value: own.value, source: { from: "hand", at: own.at } } satisfies Known];
    }),
  ) as Figures<Name>;
}

/** The names of the figures that nobody knows yet. */
export const missingOf = <Name extends string>(figures: Figures<Name>, needed: readonly Name[]): Name[] =>
  needed.filter((name) => figures[name] === null);

/** Hours after which a forecast, or a gauge that was read, is told as old. */
const oldAfterHours = 24;

/** How many hours ago something was told; never less than none, where a clock is wrong. */
export const ageHours = (at: Instant, now: Instant): number =>
  Math.max(0, (Date.parse(now) - Date.parse(at)) / 3_600_000);

/** Whether a figure was told so long ago that it is to be looked at again. */
export const isOld = (source: Source, now: Instant): boolean =>
  "at" in source && ageHours(source.at, now) > oldAfterHours;
