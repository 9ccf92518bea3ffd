import { Type } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { count, figure, Key, oneOf, Order, OutOfUse, strict, toldOneOf } from "./basics";

export const Battery = strict({
  name: Words,
  place: Key,
  chemistry: toldOneOf(["lead-acid", "agm", "gel", "lfp"] as const),
  /** what it is there for: the boat's own current, the starter, the propeller, or one device alone */
  duty: oneOf(["service", "starter", "drive", "device"] as const),
  /** in blocks of 12 V: 12, 24, 48 and up */
  nominalV: count({ minimum: 12, maximum: 816, multipleOf: 12 }),
  capacityAh: figure({ exclusiveMinimum: 0 }),
  feeds: Type.Optional(Words),
  /** a bank for one device alone: the fittings it works, a windlass, a thruster */
  works: Type.Optional(Type.Array(Key, { minItems: 1, maxItems: 4 })),
  limits: Type.Optional(
    strict({ from: Type.String({ minLength: 1 }), watchBelowV: Type.Number(), stopBelowV: Type.Number() }),
  ),
});

/** Alternator, shore charger or solar: what fills which banks. */
export const Charger = strict({
  name: Words,
  place: Key,
  kind: oneOf(["alternator", "shore-charger", "solar"] as const),
  outputA: figure({ exclusiveMinimum: 0, maximum: 1000 }),
  charges: Type.Array(Key, { minItems: 1, maxItems: 6 }),
  /** an alternator, warm: what it gives at which revs of its engine, lowest first */
  gives: Type.Optional(
    Type.Array(
      strict({ rpm: Type.Integer({ minimum: 0, maximum: 10_000 }), amps: Type.Number({ minimum: 0, maximum: 1000 }) }),
      { minItems: 1, maxItems: 8 },
    ),
  ),
});

export const Generator = strict({
  name: Words,
  place: Key,
  powerW: count({ exclusiveMinimum: 0 }),
  burnLph: figure({ exclusiveMinimum: 0 }),
  serviceEveryHours: figure({ exclusiveMinimum: 0 }),
  lastServiceHours: figure({ minimum: 0 }),
  coolingWaterSeconds: figure({ exclusiveMinimum: 0, maximum: 60 }),
  /** minutes without load before it is stopped */
  coolDownMinutes: figure({ minimum: 0, maximum: 30 }),
  seacock: Key,
  outOfUse: Type.Optional(OutOfUse),
});

export const Inverter = strict({
  name: Words,
  place: Key,
  powerW: count({ exclusiveMinimum: 0 }),
  carries: Words,
  dark: Words,
  outOfUse: Type.Optional(OutOfUse),
});

/** One row of the table of alternating current: which selectors stand how, and what then comes from where. */
export const Source = strict({
  name: Words,
  order: Order,
  /** every selector of the table, with its stand */
  stands: Type.Array(
    strict({ fitting: Key, at: oneOf(["up", "middle", "down", "left", "right", "in", "out"] as const) }),
    { minItems: 1, maxItems: 6 },
  ),
  feeds: Words,
  caution: Type.Optional(Words),
});

/** A cord to the quay. */
export const ShoreCord = strict({
  name: Words,
  inlet: Key,
  lengthM: figure({ exclusiveMinimum: 0, maximum: 200 }),
  currentA: figure({ exclusiveMinimum: 0, maximum: 125 }),
  feeds: Words,
});
