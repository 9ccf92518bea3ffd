import { Type, type TObject, type TProperties, type TSchema } from "@sinclair/typebox";
import type { Verdict } from "../basics/verdict";
import type { Words } from "../basics/words";
import type { YachtFile } from "../yacht/schema";

/** What a rule answers about one reading. */
export interface Judgement {
  verdict: Verdict;
  /** true when the circumstances allow no final word (a bank that has not rested long enough) */
  provisional: boolean;
  /** true when the value cannot be right: ask once more before believing it */
  askAgain: boolean;
  /** one plain sentence */
  why: string;
  /** what to do; empty when there is nothing to do */
  do: string;
  limit: { from: string } & Record<string, number | string | null>;
  /** 0 to 100, batteries only; null where volts do not tell */
  stateOfChargePercent?: number | null;
}

/**
 * One thing that a person reads off and types or taps. The bounds of a number are what an instrument can show at all;
 * whether it makes sense is for the rule.
 */
export type ReadField =
  | {
      name: string;
      type: "number";
      least: number;
      most: number;
      optional?: true;
      unless?: string;
      /** values that are marked on the thing itself: tapped rather than typed */
      taps?: readonly { value: number; words: Words }[];
    }
  | { name: string; type: "date"; optional?: true }
  | { name: string; type: "choice"; options: readonly string[] }
  | { name: string; type: "yes-no" };

/** A value as it was read off, by field. */
export type ReadingValue = Record<string, number | string | boolean>;

/** A reading of the same thing on the same yacht, as it stands in an earlier record. */
export interface EarlierReading {
  value: ReadingValue;
  /** an instant */
  at: string;
}

/** What a rule's other input is made from when a list is opened. */
export interface GivenFrom {
  file: YachtFile;
  /** key of the engine, generator, tank, battery or gas installation that is read */
  of: string;
  /** further tanks that the same gauge shows */
  with: readonly string[];
  /** days of the charter: 2027-06-12 */
  fromDay: string;
  toDay: string;
  /** the last readings of this thing, oldest first */
  earlier: readonly EarlierReading[];
  /** when the list is opened, an instant */
  openedAt: string;
  /** the last known hours of the engine that is read, and of each earlier reading's day; null where nobody read them */
  hoursAt: (instant: string) => number | null;
}

/** One rule: the name under `reading`, what is read off, what else it needs, and the judgement. */
export interface ReadingRule<In> {
  name: string;
  schema: TSchema;
  fields: readonly ReadField[];
  /** the field that is kept as history and compared from record to record; null where there is no such number */
  number: string | null;
  /** names of the limits that a yacht's file or the base may set for this reading */
  limits: readonly string[];
  given: (from: GivenFrom) => Record<string, unknown>;
  /** what a boat's data server measured, in SI, as fields; absent where no such server knows it */
  measured?: (valueSi: number, given: Record<string, unknown>) => Record<string, number> | null;
  /** the least difference from the last five that is worth a look, in the unit of `number`; its input then has `history` */
  trend?: (input: In) => number;
  /** true for what is used up and filled again */
  usedUp?: true;
  /** what a person reads off where all is fine; `hours` are the engine's */
  sample: (given: Record<string, unknown>, hours: number) => ReadingValue;
  judge: (input: In) => Judgement;
}

/** Where a limit came from, in the order in which one wins over the other: yacht file, base, general practice. */
export const generalPractice = "general practice";

/** Last readings of the same thing on the same yacht, oldest first. */
export const History = Type.Optional(Type.Array(Type.Number(), { maxItems: 50 }));

/** Limits that win over general practice; `from` says whose they are. What is not named keeps its usual limit. */
export const limitsOf = <T extends TProperties>(fields: T) =>
  Type.Optional(Type.Object({ from: Type.String({ minLength: 1 }), ...fields }, { additionalProperties: false }));

/** One of a few words. */
export const oneOf = <T extends string>(words: readonly T[]) => Type.Unsafe<T>({ type: "string", enum: [...words] });

export const Day = Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$" });
export const PrintedDate = Type.String({ pattern: "^\\d{4}-\\d{2}(-\\d{2})?$" });

function fieldSchema(field: ReadField): TSchema {
  switch (field.type) {
    case "number":
      return Type.Number({ minimum: field.least, maximum: field.most });
    case "date":
      return PrintedDate;
    case "choice":
      return oneOf(field.options);
    case "yes-no":
      return Type.Boolean();
  }
}

/** Whether a field may stay empty. */
export const mayBeLeftOut = (field: ReadField) =>
  (field.type === "number" && field.unless !== undefined) || ("optional" in field && field.optional === true);

/** The form of a value that a person read off. */
export function readingValueSchema({ fields }: Pick<ReadingRule<never>, "fields">): TObject {
  return Type.Object(
    Object.fromEntries(
      fields.map((field) => [field.name, mayBeLeftOut(field) ? Type.Optional(fieldSchema(field)) : fieldSchema(field)]),
    ),
    { additionalProperties: false },
  );
}

/** The last numbers of a reading for its rule's trend: five at most, oldest first; nothing where there are none. */
export function numbersOf(earlier: readonly EarlierReading[], field: string): { history?: number[] } {
  const history = earlier.flatMap(({ value }) => (typeof value[field] === "number" ? [value[field]] : [])).slice(-5);
  return history.length > 0 ? { history } : {};
}

/** A fine judgement with nothing to do. */
export function fine(why: string, limit: Judgement["limit"], extra: Partial<Judgement> = {}): Judgement {
  return { verdict: "fine", provisional: false, askAgain: false, why, do: "", limit, ...extra };
}

/** A judgement that asks for something. */
export function asks(
  verdict: "watch" | "stop",
  why: string,
  what: string,
  limit: Judgement["limit"],
  extra: Partial<Judgement> = {},
): Judgement {
  return { verdict, provisional: false, askAgain: false, why, do: what, limit, ...extra };
}

/** A value that cannot be: `stop`, and the screen asks once more. */
export function impossible(
  why: string,
  what: string,
  limit: Judgement["limit"],
  extra: Partial<Judgement> = {},
): Judgement {
  return { verdict: "stop", provisional: false, askAgain: true, why, do: what, limit, ...extra };
}

/** Volts as people write them: 12.5, 12.45. */
export const shownVolts = (volts: number) => volts.toFixed(2).replace(/0$/, "");

/** What a bank is made of. */
export const Chemistry = Type.Union([
  Type.Literal("lead-acid"),
  Type.Literal("agm"),
  Type.Literal("gel"),
  Type.Literal("lfp"),
]);

/** A bank's own voltage: cells come in blocks of 12 V, up to the banks of electric drives. */
export const NominalV = Type.Integer({ minimum: 12, maximum: 816, multipleOf: 12 });
/** The most that a bank can show on charge. */
export const mostVolts = 1200;

/** Volts as a meter shows them, to a hundredth; null for what no meter shows. */
export const meterVolts = (volts: number): Record<string, number> | null =>
  volts < 0 || volts > mostVolts ? null : { volts: Math.round(volts * 100) / 100 };

/** A volt reading of a 12 V bank as this bank's nominal voltage has it. */
export const voltsOf = ({ nominalV }: Record<string, unknown>, at12: number): number =>
  Math.round(at12 * (Number(nominalV ?? 12) / 12) * 100) / 100;

/** A month well after a charter, as it is printed on what is dated. */
export const nextYear = ({ charterTo }: Record<string, unknown>): string =>
  `${Number(String(charterTo ?? "2030").slice(0, 4)) + 1}-09`;

/** Without the hair that binary fractions leave. */
export const rounded = (value: number) => Math.round(value * 1e6) / 1e6;
