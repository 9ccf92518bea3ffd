import { Type, type Static } from "@sinclair/typebox";
import { InstantText } from "../basics/ids";
import { Key, oneOf } from "../yacht/parts/basics";
import type { YachtFile } from "../yacht/schema";

/** What was read aboard: which reading of her file, what was read off, when, and on what occasion. */
export const AboardReading = Type.Object(
  {
    reading: Key,
    values: Type.Record(Type.String({ maxLength: 40 }), Type.Union([Type.Number(), Type.String(), Type.Boolean()])),
    at: InstantText,
    told: oneOf(["check-in", "round"] as const),
  },
  { additionalProperties: false },
);
export type AboardReading = Static<typeof AboardReading>;

/** One number that was read aboard. */
export interface ReadNumber {
  value: number;
  at: string;
  told: AboardReading["told"];
}

/** The numbers of one reading by a field of its value, oldest first. */
export function numbersRead(readings: readonly AboardReading[], reading: string, field: string): ReadNumber[] {
  return readings
    .flatMap((each) => {
      const value = each.values[field];
      return each.reading === reading && typeof value === "number" ? [{ value, at: each.at, told: each.told }] : [];
    })
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

/** The keys of her readings of one kind, of one thing where that is named, in the order of her file. */
export function readingsOfKind(file: YachtFile, kind: string, of?: string): string[] {
  return Object.entries(file.readings)
    .filter(([, spec]) => spec.kind === kind && (of === undefined || spec.of === of || spec.with?.includes(of)))
    .sort(([, a], [, b]) => a.order - b.order)
    .map(([key]) => key);
}
