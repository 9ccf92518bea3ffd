import { Type, type TSchema } from "@sinclair/typebox";
import type { Verdict } from "../basics/verdict";

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

/** One rule: the name under `reading`, the schema of its input, and the judgement. */
export interface ReadingRule<In> {
  name: string;
  schema: TSchema;
  judge: (input: In) => Judgement;
}

/** Where a limit came from, in the order in which one wins over the other: yacht file, base, general practice. */
export const generalPractice = "general practice";

/** Last readings of the same thing on the same yacht, oldest first. */
export const History = Type.Optional(Type.Array(Type.Number(), { maxItems: 50 }));

/** Limits that win over general practice; `from` says whose they are. */
export const limitsOf = <T extends Record<string, TSchema>>(fields: T) =>
  Type.Optional(Type.Object({ from: Type.String({ minLength: 1 }), ...fields }, { additionalProperties: false }));

export const Day = Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$" });
export const PrintedDate = Type.String({ pattern: "^\\d{4}-\\d{2}(-\\d{2})?$" });

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
export function impossible(why: string, what: string, limit: Judgement["limit"], extra: Partial<Judgement> = {}): Judgement {
  return { verdict: "stop", provisional: false, askAgain: true, why, do: what, limit, ...extra };
}

