import { Type } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { Key, oneOf, strict } from "./basics";

/** What an engine burns at one speed. */
const Burn = strict({
  rpm: Type.Integer({ exclusiveMinimum: 0, maximum: 10_000 }),
  speedKn: Type.Number({ exclusiveMinimum: 0, maximum: 40 }),
  burnLph: Type.Number({ exclusiveMinimum: 0, maximum: 200 }),
});

/** An engine that drives her. What is not known yet is left out, and asked for by the checks: a guess would look like a fact. */
export const Engine = strict({
  name: Words,
  place: Key,
  kind: oneOf(["diesel", "petrol-outboard", "electric-outboard"] as const),
  serviceEveryHours: Type.Number({ exclusiveMinimum: 0 }),
  lastServiceHours: Type.Number({ minimum: 0 }),
  /** how one proves that the lever is in neutral */
  neutral: Type.Optional(Words),
  /** seconds within which cooling water must be seen at the exhaust */
  coolingWaterSeconds: Type.Number({ exclusiveMinimum: 0, maximum: 60 }),
  /** longest time on the starter in one go */
  crankSeconds: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 30 })),
  /** how long stop is held */
  stopHoldSeconds: Type.Optional(Type.Number({ minimum: 0, maximum: 30 })),
  /** how its belt is judged: a ribbed one has a tensioner and no thumb test */
  belt: Type.Optional(oneOf(["v-belt", "ribbed"] as const)),
  /** revs at which the alternator carries the windlass and charges well */
  chargingRpm: Type.Optional(Type.Integer({ minimum: 0, maximum: 5000 })),
  maximumRpm: Type.Optional(Type.Integer({ exclusiveMinimum: 0, maximum: 10_000 })),
  /** at cruising revs */
  burnLph: Type.Number({ exclusiveMinimum: 0 }),
  /** at several speeds, slowest first */
  burn: Type.Optional(Type.Array(Burn, { minItems: 1, maxItems: 8 })),
});

export const Tank = strict({
  name: Words,
  holds: oneOf(["fuel", "water", "waste"] as const),
  place: Key,
  capacityL: Type.Number({ exclusiveMinimum: 0, maximum: 5000 }),
  /** one step of its gauge in litres; 0 where there is a sight glass or none */
  gaugeStepL: Type.Number({ minimum: 0 }),
  /** the fittings that belong to it */
  filler: Type.Optional(Key),
  valve: Type.Optional(Key),
  gauge: Type.Optional(Key),
  pump: Type.Optional(Key),
});
