import { highest, type Span } from "../../basics/span";
import type { Amount, Unit } from "../amounts";
import type { Boat } from "../boat";
import type { Text } from "../texts";

/** A fact that a figure in a text is held against. */
export interface Fact {
  /** JSON pointer; null where practice says it and no file does */
  path: string | null;
  fits: (amount: Amount) => boolean;
}

/**
 * One kind of figure: in which units it is written, and which facts it speaks of where it stands; none where it
 * speaks of something else.
 */
export interface FigureKind {
  name: string;
  units: readonly Unit[];
  facts: (boat: Boat, text: Text, amount: Amount) => Fact[];
}

/**
 * A figure that has to be the fact's own, up to how it is rounded in speech; where the fact is a range, one that
 * lies in it.
 */
export const exactly = (path: string, fact: Span | undefined, tolerance = 0.001): Fact[] => {
  if (fact === undefined || highest(fact) <= 0) return [];
  if (typeof fact !== "number") return within(path, fact);
  return [{ path, fits: ({ value: said, to }) => said - tolerance <= fact && fact <= to + tolerance }];
};

/** A figure that lies in a range of the file. */
export const within = (path: string, range: { from: number; to: number } | undefined): Fact[] =>
  range === undefined
    ? []
    : [
        {
          path,
          fits: ({ value, to }) => [value, to].every((end) => end >= range.from && end <= range.to) && value <= to,
        },
      ];

/**
 * One fact out of several that a figure can mean: it fits where one of them does, and differs from the first
 * otherwise.
 */
export const anyOf = (facts: readonly Fact[]): Fact[] =>
  facts.length === 0 ? [] : [{ path: facts[0]!.path, fits: (amount) => facts.some((fact) => fact.fits(amount)) }];

/** All that is written of what a text stands in and says, for the words that tell what it is about. */
export const aboutIt = (text: Text, amount: Amount): string => `${text.title} ${amount.sentence}`.toLowerCase();
