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
  /** as it stands in her papers */
  registration: Type.Optional(Type.String({ minLength: 1, maxLength: 30, pattern: "\\S" })),
  /** who she is on the radio, and whether her distress button says so */
  radio: Type.Optional(
    strict({
      callSign: Type.String({ pattern: "^[A-Z0-9]{3,8}$" }),
      mmsi: Type.Optional(Type.String({ pattern: "^[0-9]{9}$" })),
      dsc: oneOf(["programmed", "not-programmed", "none"] as const),
    }),
  ),
  /** from where her instrument counts the depth, and what was added to what it measures */
  depth: Type.Optional(
    strict({
      from: oneOf(["surface", "transducer", "keel"] as const),
      offsetM: Type.Number({ minimum: -5, maximum: 5 }),
    }),
  ),
});
