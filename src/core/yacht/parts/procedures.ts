import { Type, type Static } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { Key, oneOf, Order, strict, System } from "./basics";
import { cardPurposes, procedurePurposes } from "./purposes";

const seconds = Type.Number({ exclusiveMinimum: 0, maximum: 3600 });

/** One thing to do. Figures are written by reference: `{engines.main.coolingWaterSeconds}`. */
export const Step = strict({
  words: Words,
  /** where one stands for it, when that changes */
  place: Type.Optional(Key),
  fitting: Type.Optional(Key),
  /** what must be true before */
  before: Type.Optional(Words),
  /** what to look at */
  watch: Type.Optional(Words),
  /** what never to do, and why */
  never: Type.Optional(strict({ what: Words, why: Words })),
  holdSeconds: Type.Optional(seconds),
  waitSeconds: Type.Optional(seconds),
});
export type Step = Static<typeof Step>;

/** Ordered doing: how to work a thing, or what to do when something is wrong. */
export const Procedure = strict({
  title: Words,
  system: System,
  place: Key,
  order: Order,
  kind: oneOf(["work", "fault", "emergency", "care"] as const),
  /** what it is for, where the order and the depth of a briefing go by it */
  purpose: Type.Optional(oneOf(procedurePurposes)),
  /** may never fall away from a briefing */
  safety: Type.Boolean(),
  /** procedures that must have been done before */
  after: Type.Optional(Type.Array(Key, { minItems: 1, maxItems: 6 })),
  before: Type.Optional(Words),
  caution: Type.Optional(Words),
  steps: Type.Array(Step, { minItems: 1, maxItems: 14 }),
  /** what people say when they need it: "no hot water" */
  asked: Type.Optional(Type.Array(Type.String({ minLength: 2, maxLength: 80 }), { minItems: 1, maxItems: 10 })),
});
export type Procedure = Static<typeof Procedure>;

export const Oddity = strict({ place: Key, system: System, words: Words, fitting: Type.Optional(Key) });

export const EmergencyCard = strict({
  title: Words,
  order: Order,
  /** what it is for, where a fault leads to it */
  purpose: Type.Optional(oneOf(cardPurposes)),
  /** shown above the steps, in alarm colours */
  caution: Words,
  steps: Type.Array(Words, { minItems: 1, maxItems: 12 }),
});

/** A rule of the base that differs from yacht to yacht. */
export const Rule = strict({ system: System, words: Words });
