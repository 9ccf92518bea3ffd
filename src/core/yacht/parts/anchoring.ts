import { Type } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { figure, Key, oneOf, strict } from "./basics";

const Mark = strict({ atM: figure({ exclusiveMinimum: 0, maximum: 300 }), colour: Words });

/** An anchor with its rode, and what takes its load off the windlass. */
export const GroundTackle = strict({
  name: Words,
  place: Key,
  anchorKg: figure({ exclusiveMinimum: 0, maximum: 500 }),
  chainDiameterMm: figure({ minimum: 0, maximum: 40 }),
  chainM: figure({ minimum: 0, maximum: 300 }),
  ropeM: figure({ minimum: 0, maximum: 300 }),
  /** what a metre weighs in air; by a rule from its diameter where nobody weighed it */
  chainKgPerM: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 20 })),
  ropeKgPerM: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 3 })),
  /** paid out against its marks at every handover, and recorded in metres */
  measured: Type.Optional(Type.Boolean()),
  marks: Type.Array(Mark, { maxItems: 20 }),
  /** the fitting that works it */
  windlass: Type.Optional(Key),
  relief: oneOf(["snubber", "bridle", "chain-stop", "belayed-rope", "none"] as const),
  /** the cleat or stop that carries it then */
  reliefAt: Type.Optional(Key),
});
