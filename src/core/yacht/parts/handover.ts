import { Type, type Static } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { clearanceTopics } from "../../basics/clearance-topics";
import { readingKinds } from "./reading-kinds";
import { count, Group, Key, oneOf, Order, strict, System } from "./basics";

/** Whom a life jacket fits, by weight; no upper limit where none is printed on it. */
export const JacketKg = strict({
  from: Type.Integer({ minimum: 0, maximum: 200 }),
  to: Type.Optional(Type.Integer({ minimum: 1, maximum: 400 })),
});

export const InventoryItem = strict({
  name: Words,
  order: Order,
  place: Key,
  where: Words,
  system: System,
  group: Group,
  expected: count({ minimum: 0, maximum: 9999 }),
  /** at most ten million of the currency */
  replacementMinor: Type.Integer({ minimum: 0, maximum: 1e9 }),
  boughtOn: Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$" }),
  lifeMonths: Type.Integer({ minimum: 1, maximum: 1200 }),
  /** missing means that she does not leave */
  safety: Type.Optional(Type.Boolean()),
  /** one for everybody aboard */
  perPerson: Type.Optional(Type.Boolean()),
  /** what it is about, where that decides whether she may leave */
  matter: Type.Optional(oneOf(clearanceTopics)),
  jacketKg: Type.Optional(JacketKg),
  /** a life raft: for how many people each is */
  raftPlaces: Type.Optional(Type.Integer({ minimum: 1, maximum: 60 })),
  /** used up in use (a spare impeller, oil, flares in distress): what is gone at check-out is no loss */
  consumed: Type.Optional(Type.Boolean()),
});
export type InventoryItem = Static<typeof InventoryItem>;

export const FunctionTest = strict({
  name: Words,
  order: Order,
  place: Key,
  system: System,
  /** what the skipper does, and what must be seen */
  how: Words,
  /** must be tried alongside, may wait so many hours after leaving the berth, or is only shown */
  when: oneOf(["alongside", "may-wait", "shown"] as const),
  waitHours: Type.Optional(Type.Integer({ minimum: 1, maximum: 168 })),
  caution: Type.Optional(Words),
  safety: Type.Optional(Type.Boolean()),
  matter: Type.Optional(oneOf(clearanceTopics)),
});

export const ReadingSpec = strict({
  name: Words,
  order: Order,
  place: Key,
  system: System,
  how: Words,
  kind: oneOf(readingKinds),
  /** the engine, generator, tank, battery or gas installation it belongs to */
  of: Type.Optional(Key),
  /** tanks that the same gauge shows together with it */
  with: Type.Optional(Type.Array(Key, { minItems: 1, maxItems: 4 })),
  /** read on the technician's prep alone, not at the handovers */
  prepOnly: Type.Optional(Type.Boolean()),
  /** path of the yacht's boat-data server (Signal K), where she has one that measures it */
  signal: Type.Optional(Type.String({ pattern: "^[a-z][A-Za-z]*(\\.[A-Za-z0-9]+)+$", maxLength: 120 })),
  /** this yacht's own limits, by the names that the rule knows */
  limits: Type.Optional(Type.Record(Type.String(), Type.Number())),
  safety: Type.Optional(Type.Boolean()),
  matter: Type.Optional(oneOf(clearanceTopics)),
});

/** A view on which marks are set: the plan from above, or the hull from ahead, astern or one side. */
export const surfaces = ["deck", "below", "bow", "port-side", "starboard-side", "stern"] as const;
export const Surface = oneOf(surfaces);
export type Surface = (typeof surfaces)[number];

export const Look = strict({
  name: Words,
  order: Order,
  place: Key,
  system: System,
  group: Group,
  how: Words,
  surface: Surface,
});

/** One place in the planned order of the briefing, with what it depends on. */
export const Stop = strict({
  /** what is taken up here, in a few words */
  title: Type.Optional(Words),
  place: Key,
  system: System,
  minutes: Type.Number({ exclusiveMinimum: 0, maximum: 60 }),
  /** stops that must come before: nothing is tried before what it depends on */
  after: Type.Array(Key, { maxItems: 12 }),
  /** the stop that this one ends: engine stop closes engine start */
  closes: Type.Optional(Key),
  safety: Type.Boolean(),
  /** procedures taken up here */
  topics: Type.Array(Key, { maxItems: 12 }),
  /** the waters of the base are shown here, from its own chart */
  area: Type.Optional(Type.Boolean()),
  /** what is to be said where no procedure says it */
  say: Type.Optional(Words),
  /** what the skipper does with own hands */
  does: Type.Optional(Words),
  /** what is on or open once this has been done: "engine running, lever in neutral" */
  state: Type.Optional(Words),
  /** what goes back before one leaves */
  putBack: Type.Optional(Type.Array(Words, { minItems: 1, maxItems: 6 })),
  /** taken before or after all that does not depend on it, as the base wants it on this yacht */
  pin: Type.Optional(oneOf(["first", "last"] as const)),
  /** taken after one stop and before another, as the base wants it on this yacht; gives way to what a stop depends on */
  between: Type.Optional(strict({ after: Type.Optional(Key), before: Type.Optional(Key) })),
});
export type Stop = Static<typeof Stop>;
