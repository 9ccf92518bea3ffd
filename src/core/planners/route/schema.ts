import { Type, type Static } from "@sinclair/typebox";
import { oneOf } from "../../yacht/parts/basics";
import { amount, fields, figure } from "../quantity";

/** Longitude and latitude in degrees; what may come behind them is not looked at. */
const Place = Type.Array(figure(), { minItems: 2, maxItems: 4 });
export type Position = readonly number[];

/** Land, no-go areas and hazards as GeoJSON polygons, and from where to where. */
export const RouteInput = fields({
  land: Type.Array(
    Type.Object(
      {
        type: oneOf(["Polygon"] as const),
        coordinates: Type.Array(Type.Array(Place, { maxItems: 20_000 }), { maxItems: 1000 }),
      },
      { additionalProperties: true },
    ),
    { maxItems: 2000 },
  ),
  from: Type.Array(figure(), { minItems: 2, maxItems: 2 }),
  to: Type.Array(figure(), { minItems: 2, maxItems: 2 }),
  clearanceNm: amount(),
});
export type RouteInput = Static<typeof RouteInput>;

/** The shortest way; null where no way leads there. */
export interface Route {
  distanceNm: number | null;
  legs: { to: [number, number]; bearingDeg: number; nm: number }[];
}
