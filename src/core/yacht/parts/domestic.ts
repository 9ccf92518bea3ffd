import { Type } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { count, figure, Key, oneOf, OutOfUse, strict } from "./basics";

export const Head = strict({
  name: Words,
  place: Key,
  kind: oneOf(["manual", "electric", "portable"] as const),
  /** strokes of the pump until the hose is clear */
  strokes: Type.Optional(
    strict({ from: Type.Integer({ minimum: 1, maximum: 60 }), to: Type.Integer({ minimum: 1, maximum: 60 }) }),
  ),
  holdSeconds: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 60 })),
  tank: Type.Optional(Key),
  outlet: Type.Optional(Key),
  /** where it has more than one way out of her */
  otherOutlets: Type.Optional(Type.Array(Key, { minItems: 1, maxItems: 3 })),
  /** the valve that turns what is pumped to the tank or to the sea, and how it stands for each */
  yValve: Type.Optional(strict({ fitting: Key, toTank: Words, toSea: Words })),
});

/** A gas installation: bottle, and both shut-offs. */
export const Gas = strict({
  locker: Key,
  bottles: count({ minimum: 1, maximum: 6 }),
  bottleKg: figure({ exclusiveMinimum: 0, maximum: 30 }),
  bottleValve: Type.Optional(Key),
  tap: Type.Optional(Key),
  /** what one burner takes in an hour */
  burnerGph: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 1000 })),
});

export const Tender = strict({
  name: Words,
  stowed: Words,
  lengthM: figure({ exclusiveMinimum: 0, maximum: 10 }),
  maximumAboard: count({ minimum: 1, maximum: 12 }),
  outboard: Type.Optional(strict({ name: Words, powerKw: figure({ exclusiveMinimum: 0, maximum: 50 }), fuel: Words })),
  outOfUse: Type.Optional(OutOfUse),
});

/** A bathing platform that folds, with its end position; one that does not fold says nothing of how it moves. */
export const Platform = strict({
  name: Words,
  place: Key,
  ends: Words,
  locks: Words,
  moves: Type.Optional(oneOf(["by-hand", "by-switch"] as const)),
});
