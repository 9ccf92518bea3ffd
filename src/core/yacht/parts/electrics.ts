import { Type } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { Key, oneOf, strict } from "./basics";

export const Battery = strict({
  name: Words,
  place: Key,
  chemistry: oneOf(["lead-acid", "agm", "gel", "lfp"] as const),
  duty: oneOf(["service", "starter"] as const),
  nominalV: Type.Unsafe<12 | 24>({ type: "integer", enum: [12, 24] }),
  capacityAh: Type.Number({ exclusiveMinimum: 0 }),
  feeds: Type.Optional(Words),
  limits: Type.Optional(
    strict({ from: Type.String({ minLength: 1 }), watchBelowV: Type.Number(), stopBelowV: Type.Number() }),
  ),
});

/** Alternator, shore charger or solar: what fills which banks. */
export const Charger = strict({
  name: Words,
  place: Key,
  kind: oneOf(["alternator", "shore-charger", "solar"] as const),
  outputA: Type.Number({ exclusiveMinimum: 0, maximum: 1000 }),
  charges: Type.Array(Key, { minItems: 1, maxItems: 6 }),
});

export const Generator = strict({
  name: Words,
  place: Key,
  powerW: Type.Integer({ exclusiveMinimum: 0 }),
  burnLph: Type.Number({ exclusiveMinimum: 0 }),
  serviceEveryHours: Type.Number({ exclusiveMinimum: 0 }),
  lastServiceHours: Type.Number({ minimum: 0 }),
  coolingWaterSeconds: Type.Number({ exclusiveMinimum: 0, maximum: 60 }),
  /** minutes without load before it is stopped */
  coolDownMinutes: Type.Number({ minimum: 0, maximum: 30 }),
  seacock: Key,
});

export const Inverter = strict({
  name: Words,
  place: Key,
  powerW: Type.Integer({ exclusiveMinimum: 0 }),
  carries: Words,
  dark: Words,
});

/** A cord to the quay. */
export const ShoreCord = strict({
  name: Words,
  inlet: Key,
  lengthM: Type.Number({ exclusiveMinimum: 0, maximum: 200 }),
  currentA: Type.Number({ exclusiveMinimum: 0, maximum: 125 }),
  feeds: Words,
});
