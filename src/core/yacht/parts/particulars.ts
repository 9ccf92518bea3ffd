import { Type } from "@sinclair/typebox";
import { count, figure, oneOf, strict } from "./basics";

/** What she is: name, class, hull and main figures. */
export const Particulars = strict({
  name: Type.String({ minLength: 1, maxLength: 60, pattern: "\\S" }),
  class: Type.String({ minLength: 1, maxLength: 60, pattern: "\\S" }),
  hull: oneOf(["monohull", "catamaran", "day-boat", "motor-yacht"] as const),
  lengthM: figure({ exclusiveMinimum: 2, maximum: 60 }),
  beamM: figure({ exclusiveMinimum: 1, maximum: 20 }),
  draughtM: figure({ exclusiveMinimum: 0, maximum: 8 }),
  airDraughtM: figure({ exclusiveMinimum: 0, maximum: 80 }),
  displacementKg: count({ exclusiveMinimum: 0 }),
  year: count({ minimum: 1900, maximum: 2200 }),
  berths: count({ minimum: 0, maximum: 40 }),
  maximumAboard: count({ minimum: 1, maximum: 60 }),
  /** cruising speed under engine where the base limits the revs: it is then also the highest */
  limitedSpeedKn: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 40 })),
  /** her own limits of wind for leaving, where they are lower than the base's */
  windLimitKn: Type.Optional(
    strict({
      mean: Type.Optional(Type.Integer({ minimum: 5, maximum: 60 })),
      gusts: Type.Optional(Type.Integer({ minimum: 5, maximum: 90 })),
    }),
  ),
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
      /** how far the transducer lies below the surface */
      transducerM: Type.Optional(Type.Number({ minimum: 0, maximum: 5 })),
    }),
  ),
  /** from the water up to the bow roller */
  bowHeightM: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 6 })),
  /** areas that wind and current pull on at anchor, with their drag, as somebody measured them */
  dragAreaM2: Type.Optional(
    strict({
      air: Type.Number({ exclusiveMinimum: 0, maximum: 200 }),
      water: Type.Number({ minimum: 0, maximum: 20 }),
    }),
  ),
  /** by which wind her table of reefs is written */
  reefsBy: Type.Optional(oneOf(["true", "apparent"] as const)),
});
