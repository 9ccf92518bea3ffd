import { Type, type Static } from "@sinclair/typebox";
import { Words } from "../basics/words";
import { byKey, Group, Key, oneOf, strict, System } from "../yacht/parts/basics";
import { JacketKg } from "../yacht/parts/handover";

/** For what the price of an extra is asked. */
export const hirePers = ["charter", "day", "week"] as const;
export type HirePer = (typeof hirePers)[number];

/** A thing that the base lends to charters: what it is, what its hire costs, and what is done with it at a handover. */
export const Extra = strict({
  name: Words,
  /** where aboard it is stowed, in words */
  where: Words,
  /** places it may be stowed in, the best first: the first that a yacht has is hers */
  places: Type.Array(Key, { minItems: 1, maxItems: 12, uniqueItems: true }),
  system: System,
  group: Group,
  /** how many the base has */
  stock: Type.Integer({ minimum: 1, maximum: 999 }),
  hireMinor: Type.Integer({ minimum: 0, maximum: 1e8 }),
  hirePer: oneOf(hirePers),
  replacementMinor: Type.Integer({ minimum: 0, maximum: 1e9 }),
  boughtOn: Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$" }),
  lifeMonths: Type.Integer({ minimum: 1, maximum: 1200 }),
  /** missing means that she does not leave without it */
  safety: Type.Optional(Type.Boolean()),
  /** for a life jacket: whom it fits by weight */
  jacketKg: Type.Optional(JacketKg),
  /** used up in use: what is gone at check-out is no loss */
  consumed: Type.Optional(Type.Boolean()),
  /** what the skipper does with it at the check-in, and what must be seen */
  test: Type.Optional(strict({ how: Words, caution: Type.Optional(Words) })),
  /** what is said of it in the briefing, and what the skipper does with own hands */
  brief: Type.Optional(
    strict({
      say: Words,
      does: Type.Optional(Words),
      minutes: Type.Number({ exclusiveMinimum: 0, maximum: 60 }),
    }),
  ),
});
export type Extra = Static<typeof Extra>;

/** What a base lends, by keys that are made once and never reused. */
export const Extras = byKey(Extra);
export type Extras = Static<typeof Extras>;

/** An extra that a charter has hired: a copy of what was agreed, so that a later change of the list changes nothing here. */
export const HiredExtra = strict({
  key: Key,
  count: Type.Integer({ minimum: 1, maximum: 99 }),
  /** where aboard this yacht it is stowed */
  place: Key,
  extra: Extra,
});
export type HiredExtra = Static<typeof HiredExtra>;
