import { Type, type NumberOptions, type Static, type TSchema } from "@sinclair/typebox";
import { pairOf } from "../../basics/pair";
import { Words } from "../../basics/words";
import { blankFigure, blankWords } from "./blank";

const closed = { additionalProperties: false } as const;
/** A word that every object has already is no key: what looks it up would find that one. */
const keyPattern = "^(?!constructor$)[a-z0-9]+(-[a-z0-9]+)*$";

export const strict = <T extends Record<string, TSchema>>(fields: T) => Type.Object(fields, closed);
export const oneOf = <const T extends readonly string[]>(values: T) =>
  Type.Unsafe<T[number]>({ type: "string", enum: [...values] });

/** One of a few words that must be true of the boat, or the blank one. */
export const toldOneOf = <const T extends readonly string[]>(values: T) =>
  Type.Unsafe<T[number]>({ type: "string", enum: [...values, blankWords] });

/** Stable key of a part of the file, made once and never reused. */
export const Key = Type.String({ pattern: keyPattern, maxLength: 60 });
/** A collection: parts by their stable keys. */
export const byKey = <T extends TSchema>(part: T) => Type.Record(Type.String({ pattern: keyPattern }), part, closed);
/** Where a part comes among its like. */
export const Order = Type.Integer({ minimum: 0 });

export const systems = [
  "engine",
  "fuel",
  "rig-and-sails",
  "anchoring",
  "steering",
  "pilot-and-thruster",
  "dc-power",
  "ac-power",
  "fresh-water",
  "waste",
  "gas",
  "bilge",
  "safety",
  "tender",
  "navigation-and-radio",
  "comfort",
  "hull-and-deck",
] as const;
export const System = oneOf(systems);
export type System = (typeof systems)[number];

export const Level = oneOf(["deck", "below"] as const);
export type Level = Static<typeof Level>;
export const sides = ["port", "starboard", "centre"] as const;
export const Side = oneOf(sides);
export type Side = Static<typeof Side>;

/** A point on the plan in metres: aft from the bow, and to starboard of the centreline (port is negative). */
export const Point = pairOf(Type.Number({ minimum: -5, maximum: 60 }), Type.Number({ minimum: -15, maximum: 15 }));
export type Point = [aftM: number, starboardM: number];
export const Outline = Type.Array(Point, { minItems: 3, maxItems: 40 });

/** A figure that must be true of the boat: a number within its bounds, or the blank one. */
export const figure = (bounds: NumberOptions) =>
  Type.Unsafe<number>({ type: "number", if: { const: blankFigure }, then: true, else: bounds });

/** The same for what is counted. */
export const count = (bounds: NumberOptions) =>
  Type.Unsafe<number>({ type: "integer", if: { const: blankFigure }, then: true, else: bounds });

/** A figure, or the range it may lie in: revs, seconds of rest. */
export const figureOrRange = (least: number, most: number) =>
  Type.Union([
    Type.Number({ minimum: least, maximum: most }),
    strict({
      from: Type.Number({ minimum: least, maximum: most }),
      to: Type.Number({ minimum: least, maximum: most }),
    }),
  ]);

/** What is aboard and not in use, or was taken ashore: it is said wherever one would look for it. */
export const OutOfUse = strict({
  how: oneOf(["out-of-use", "ashore"] as const),
  since: Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$" }),
  why: Words,
});

/** A class of things a waiver may exclude. */
export const groups = [
  "deck",
  "hull",
  "sails",
  "engine",
  "below",
  "safety",
  "tender",
  "underwater",
  "navigation",
] as const;
export const Group = oneOf(groups);
export type Group = (typeof groups)[number];
