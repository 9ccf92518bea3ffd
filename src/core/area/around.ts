import type { Area, AreaFeature, FeatureKind, Position } from "./area";
import { bearingDeg, distanceNm } from "./bearing";

/** A feature as it lies from a position. */
export interface Around {
  /** its place in the area's list */
  index: number;
  feature: AreaFeature;
  nm: number;
  /** true */
  bearingDeg: number;
}

/** Where one steers for: a point itself, of a polygon the middle of its outline. */
export function pointOf({ geometry }: AreaFeature): Position {
  if (geometry.type === "Point") return geometry.coordinates;
  const ring = geometry.type === "Polygon" ? geometry.coordinates[0]! : geometry.coordinates[0]![0]!;
  // the last position of a ring is its first again
  const corners = ring.slice(0, -1);
  const mean = (axis: 0 | 1) => corners.reduce((sum, at) => sum + (at[axis] ?? 0), 0) / corners.length;
  return [mean(0), mean(1)];
}

/** What lies around a position, nearest first; coasts are ground and no destination. */
export function around(area: Area, from: Position, kinds?: readonly FeatureKind[]): Around[] {
  return area.features
    .flatMap((feature, index): Around[] => {
      const { kind } = feature.properties;
      if (kind === "coast" || (kinds && !kinds.includes(kind))) return [];
      const to = pointOf(feature);
      return [{ index, feature, nm: distanceNm(from, to), bearingDeg: bearingDeg(from, to) }];
    })
    .sort((a, b) => a.nm - b.nm || a.index - b.index);
}
