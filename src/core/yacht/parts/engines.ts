import { Type } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { figure, figureOrRange, Key, oneOf, OutOfUse, strict } from "./basics";

/** What an engine burns at one speed. */
const Burn = strict({
  rpm: Type.Integer({ exclusiveMinimum: 0, maximum: 10_000 }),
  speedKn: Type.Number({ exclusiveMinimum: 0, maximum: 40 }),
  burnLph: Type.Number({ exclusiveMinimum: 0, maximum: 200 }),
});

export const engineKinds = ["diesel", "petrol-outboard", "electric-outboard", "electric-drive"] as const;

/** An engine that drives her. What is not known yet is left out, and asked for by the checks: a guess would look like a fact. */
export const Engine = strict({
  name: Words,
  place: Key,
  kind: oneOf(engineKinds),
  serviceEveryHours: figure({ exclusiveMinimum: 0 }),
  lastServiceHours: figure({ minimum: 0 }),
  /** how one proves that the lever is in neutral */
  neutral: Type.Optional(Words),
  /** how its lever stands in neutral */
  leverNeutral: Type.Optional(oneOf(["upright", "level"] as const)),
  /** what it is put on by, and stopped by, at its panel */
  panel: Type.Optional(strict({ power: oneOf(["key", "button"] as const), stop: oneOf(["button", "pull"] as const) })),
  /** which way it walks the stern when it goes astern */
  walksTo: Type.Optional(oneOf(["port", "starboard"] as const)),
  /** its pull standing still at full revs, N, where somebody measured it against a bollard */
  bollardPullN: Type.Optional(
    strict({
      ahead: Type.Number({ exclusiveMinimum: 0, maximum: 200_000 }),
      astern: Type.Number({ exclusiveMinimum: 0, maximum: 200_000 }),
    }),
  ),
  /** seconds within which cooling water must be seen at the exhaust */
  coolingWaterSeconds: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 60 })),
  /** longest time on the starter in one go */
  crankSeconds: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 30 })),
  /** how long the starter rests between two tries */
  crankRestSeconds: Type.Optional(figureOrRange(1, 600)),
  /** how long stop is held */
  stopHoldSeconds: Type.Optional(Type.Number({ minimum: 0, maximum: 30 })),
  /** how its belt is judged: a ribbed one has a tensioner and no thumb test */
  belt: Type.Optional(oneOf(["v-belt", "ribbed"] as const)),
  /** revs at which the alternator carries the windlass and charges well */
  chargingRpm: Type.Optional(figureOrRange(0, 5000)),
  maximumRpm: Type.Optional(Type.Integer({ exclusiveMinimum: 0, maximum: 10_000 })),
  /** in neutral, warm */
  idleRpm: Type.Optional(figureOrRange(300, 3000)),
  /** what keeps the water out where the shaft goes through */
  shaftSeal: Type.Optional(oneOf(["packed", "dripless"] as const)),
  /** at cruising revs */
  burnLph: Type.Optional(Type.Number({ exclusiveMinimum: 0 })),
  /** at several speeds, slowest first */
  burn: Type.Optional(Type.Array(Burn, { minItems: 1, maxItems: 8 })),
  /** an electric one: the bank it runs on */
  battery: Type.Optional(Key),
  outOfUse: Type.Optional(OutOfUse),
});

export const Tank = strict({
  name: Words,
  holds: oneOf(["fuel", "water", "waste"] as const),
  place: Key,
  capacityL: figure({ exclusiveMinimum: 0, maximum: 5000 }),
  /** one step of its gauge in litres; 0 where there is a sight glass or none */
  gaugeStepL: figure({ minimum: 0 }),
  /** what is read at it, where that is no litres */
  gaugeIn: Type.Optional(oneOf(["percent", "eighths", "quarters", "marks"] as const)),
  /** marks on a stick, a glass or by finger joint, and what is in it then */
  gaugeMarks: Type.Optional(
    Type.Array(strict({ words: Words, litres: Type.Number({ minimum: 0, maximum: 5000 }) }), {
      minItems: 2,
      maxItems: 12,
    }),
  ),
  /** one gauge for several: the switch that turns it from one to the other, and how it stands for this one */
  gaugeSwitch: Type.Optional(strict({ fitting: Key, stands: Words })),
  /** the fittings that belong to it */
  filler: Type.Optional(Key),
  valve: Type.Optional(Key),
  gauge: Type.Optional(Key),
  pump: Type.Optional(Key),
});
