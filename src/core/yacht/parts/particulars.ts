import { Type } from "@sinclair/typebox";
import { oneOf, strict } from "./basics";

/** What she is: name, class, hull and main figures. */
export const Particulars = strict({
  name: Type.String({ minLength: 1, maxLength: 60, pattern: "\\S" }),
  class: Type.String({ minLength: 1, maxLength: 60, pattern: "\\S" }),
  hull: oneOf(["monohull", "catamaran", "day-boat"] as const),
  lengthM: Type.Number({ exclusiveMinimum: 2, maximum: 60 }),
  beamM: Type.Number({ exclusiveMinimum: 1, maximum: 20 }),
  draughtM: Type.Number({ exclusiveMinimum: 0, maximum: 8 }),
  airDraughtM: Type.Number({ exclusiveMinimum: 0, maximum: 80 }),
  displacementKg: Type.Integer({ exclusiveMinimum: 0 }),
  year: Type.Integer({ minimum: 1900, maximum: 2200 }),
  berths: Type.Integer({ minimum: 0, maximum: 40 }),
  maximumAboard: Type.Integer({ minimum: 1, maximum: 60 }),
  /** cruising speed under engine where the base limits the revs: it is then also the highest */
  limitedSpeedKn: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 40 })),
});
