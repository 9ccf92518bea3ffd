import { Type, type Static } from "@sinclair/typebox";
import { AreaBerth } from "./berths";

const open = { additionalProperties: true } as const;

/** What a feature of the area is. The first two are drawn as ground and zones, all others as points. */
export const featureKinds = [
  "coast",
  "no-go",
  "harbour",
  "anchorage",
  "mooring",
  "hazard",
  "fuel",
  "water",
  "pump-out",
] as const;
export type FeatureKind = (typeof featureKinds)[number];

/** Longitude and latitude in degrees, as GeoJSON has them (RFC 7946): east and north are positive. */
export const Position = Type.Array(Type.Number(), { minItems: 2, maxItems: 3 });
export type Position = number[];
const Ring = Type.Array(Position, { minItems: 4, maxItems: 5000 });

export const Geometry = Type.Union([
  Type.Object({ type: Type.Literal("Point"), coordinates: Position }, open),
  Type.Object({ type: Type.Literal("Polygon"), coordinates: Type.Array(Ring, { minItems: 1, maxItems: 20 }) }, open),
  Type.Object(
    {
      type: Type.Literal("MultiPolygon"),
      coordinates: Type.Array(Type.Array(Ring, { minItems: 1, maxItems: 20 }), { minItems: 1, maxItems: 200 }),
    },
    open,
  ),
]);
export type Geometry = Static<typeof Geometry>;

export const winds = ["N", "NE", "E", "SE", "S", "SW", "W", "NW"] as const;
export type Wind = (typeof winds)[number];

const text = (most: number) => Type.String({ minLength: 1, maxLength: most, pattern: "\\S" });

/** One thing of the area: where it is, what it is, and what a crew has to know of it. */
export const AreaFeature = Type.Object(
  {
    type: Type.Literal("Feature"),
    geometry: Geometry,
    properties: Type.Object(
      {
        kind: Type.Unsafe<FeatureKind>({ type: "string", enum: [...featureKinds] }),
        name: text(80),
        /** what to know, in a sentence or two */
        words: Type.Optional(text(600)),
        /** at the lowest tide to be reckoned with */
        depthM: Type.Optional(Type.Number({ minimum: -10, maximum: 200 })),
        /** from which winds it gives shelter */
        shelter: Type.Optional(
          Type.Array(Type.Unsafe<Wind>({ type: "string", enum: [...winds] }), { uniqueItems: true, maxItems: 8 }),
        ),
        /** what the anchor lies in */
        ground: Type.Optional(text(60)),
        /** on which it is called by radio, and when it listens */
        channel: Type.Optional(text(20)),
        hours: Type.Optional(text(60)),
      },
      open,
    ),
  },
  open,
);
export type AreaFeature = Static<typeof AreaFeature>;

/** The waters of a base as GeoJSON, with what holds for all of them beside the features. */
export const Area = Type.Object(
  {
    type: Type.Literal("FeatureCollection"),
    name: text(80),
    /** where the base lies, from which distances are counted */
    base: Type.Object(
      {
        position: Position,
        channel: Type.Optional(text(20)),
        hours: Type.Optional(text(60)),
      },
      open,
    ),
    /** distance from the shore within which no tank is emptied, by the local rule */
    wasteNm: Type.Optional(Type.Number({ minimum: 0, maximum: 50 })),
    /** local rules, a sentence each */
    rules: Type.Optional(Type.Array(text(300), { maxItems: 20 })),
    /** the base's own berths, by what its yachts' berths are called */
    berths: Type.Optional(Type.Array(AreaBerth, { maxItems: 300 })),
    features: Type.Array(AreaFeature, { maxItems: 500 }),
  },
  open,
);
export type Area = Static<typeof Area>;
