import { InputError } from "../../basics/calculation";
import { bendsOf, cornersOf, touches, type Bend } from "./bends";
import { joinOf } from "./join";
import { crossesItself, Land, outlineOf } from "./land";
import { distance, type Point } from "./plane";
import type { Position, Route, RouteInput } from "./schema";

const nmPerDegree = 60;
/** Farther than this the earth is no plane. */
const mostDegrees = 3;
/** A way that may touch the shore keeps this off it, so that it runs along and not through: a metre or two. */
const leastNm = 0.001;
/** What is forgiven of the clearance, as a share of it. */
const forgivenShare = 1e-6;

/** Longitude and latitude of a position. */
const lonLat = ([lon = 0, lat = 0]: Position): readonly [lon: number, lat: number] => [lon, lat];

/** Puts positions on a plane round the way, nautical miles from its start, and back. */
function planeOf(from: Position, to: Position) {
  const [[lon0, lat0], [, lat1]] = [lonLat(from), lonLat(to)];
  const eastNm = nmPerDegree * Math.cos(((lat0 + lat1) / 2) * (Math.PI / 180));
  // the short way round the earth
  const east = (lon: number) => ((((lon - lon0 + 180) % 360) + 360) % 360) - 180;
  return {
    on: (position: Position): Point => {
      const [lon, lat] = lonLat(position);
      return [eastNm * east(lon), nmPerDegree * (lat - lat0)];
    },
    back: ([x, y]: Point): [number, number] => [lon0 + x / eastNm, lat0 + y / nmPerDegree],
  };
}

/** The shortest way by water from one position to another, round land with a clearance. */
export function route({ land: polygons, from, to, clearanceNm }: RouteInput): Route {
  const plane = planeOf(from, to);
  const land = new Land(
    polygons.map(({ coordinates }, index) => {
      const outline = outlineOf((coordinates[0] ?? []).map(plane.on));
      if (crossesItself(outline)) throw new InputError(`/land/${index}`, "this ring crosses itself");
      return outline;
    }),
  );
  const ends = [plane.on(from), plane.on(to)] as const;
  const names = ["/from", "/to"] as const;
  ends.forEach((end, at) => {
    if (land.has(end)) throw new InputError(names[at] ?? "/", "this lies on land");
  });
  if (distance(...ends) / nmPerDegree > mostDegrees)
    throw new InputError("/to", `this is more than ${mostDegrees}° from where the way begins`);
  if (distance(...ends) === 0) return { distanceNm: 0, legs: [] };
  const keptNm = Math.max(clearanceNm, leastNm);
  const corners = land.outlines.flatMap(cornersOf);
  const [begin, end] = ends.map((point, at) => {
    if (land.from(point, keptNm) >= keptNm) return point;
    const joined = joinOf(land, corners, point, keptNm);
    if (!joined)
      throw new InputError(names[at] ?? "/", "no straight way leads from here to where the clearance is kept");
    return joined;
  }) as [Point, Point];
  const bends = corners.flatMap((corner) => bendsOf(corner, keptNm)).map((bend): Stop => ({ at: bend.at, bend }));
  const stops = [{ at: begin, bend: null }, ...bends, { at: end, bend: null }];
  const way = shortest(land, stops, keptNm * (1 - forgivenShare));
  return way === null ? { distanceNm: null, legs: [] } : told([ends[0], ...way, ends[1]], plane.back);
}

/** A place that a way can lead by: one of its ends, or a bend. */
interface Stop {
  at: Point;
  bend: Bend | null;
}

/** The shortest way from the first of some stops to the last, by those between that keep the clearance; A*. */
function shortest(land: Land, stops: readonly Stop[], farNm: number): Point[] | null {
  const goal = stops.length - 1;
  const goalPoint = (stops[goal] as Stop).at;
  const leftNm = stops.map(({ at }) => distance(at, goalPoint));
  const isOpen = stops.map(({ at, bend }) => bend === null || (!land.has(at) && land.from(at, farNm) >= farNm));
  const sailedNm = stops.map((_, index) => (index === 0 ? 0 : Infinity));
  const before = stops.map(() => -1);
  for (;;) {
    let here = -1;
    let least = Infinity;
    for (let index = 0; index < stops.length; index++) {
      const byNm = (sailedNm[index] as number) + (leftNm[index] as number);
      if (isOpen[index] && byNm < least) [here, least] = [index, byNm];
    }
    if (here < 0) return null;
    if (here === goal) break;
    isOpen[here] = false;
    const from = stops[here] as Stop;
    stops.forEach((to, index) => {
      const byHereNm = (sailedNm[here] as number) + distance(from.at, to.at);
      if (!isOpen[index] || byHereNm >= (sailedNm[index] as number)) return;
      const leg = Math.atan2(to.at[1] - from.at[1], to.at[0] - from.at[0]);
      if ((from.bend && !touches(from.bend, leg)) || (to.bend && !touches(to.bend, leg))) return;
      if (land.keeps([from.at, to.at], farNm)) [sailedNm[index], before[index]] = [byHereNm, here];
    });
  }
  const way: Point[] = [];
  for (let index = goal; index >= 0; index = before[index] ?? -1) way.unshift((stops[index] as Stop).at);
  return way;
}

/** A way as its legs: each to where, by which bearing, how far. */
function told(way: readonly Point[], back: (point: Point) => [number, number]): Route {
  const legs = way.slice(1).flatMap((to, at) => {
    const from = way[at] as Point;
    const nm = distance(from, to);
    if (nm === 0) return [];
    const bearing = (Math.atan2(to[0] - from[0], to[1] - from[1]) * 180) / Math.PI;
    return [{ to: back(to), bearingDeg: (bearing + 360) % 360, nm }];
  });
  return { distanceNm: legs.reduce((sum, { nm }) => sum + nm, 0), legs };
}

/** Refuses rings that are none, and ends that lie nowhere. */
export function checkRouteInput({ land, from, to }: RouteInput): void {
  const refusePole = (where: string, position: Position) => {
    if (Math.abs(lonLat(position)[1]) > 90)
      throw new InputError(where, "a latitude is between 90° south and 90° north");
  };
  refusePole("/from", from);
  refusePole("/to", to);
  land.forEach(({ coordinates: [ring = []] }, index) => {
    const where = `/land/${index}`;
    if (ring.length < 4)
      throw new InputError(where, "a ring has four positions at least, its first once more at its end");
    const [first, last] = [ring[0] ?? [], ring.at(-1) ?? []];
    if (first[0] !== last[0] || first[1] !== last[1])
      throw new InputError(where, "this ring is open: its first position comes once more at its end");
    ring.forEach((position) => refusePole(where, position));
  });
}
