import { getTimes } from "suncalc";
import type { Area, Position } from "../area/area";
import { pointOf } from "../area/around";
import { distanceNm } from "../area/bearing";
import { addHours, type Instant } from "../basics/instant";
import { tideHeightM } from "../planners/tide";
import type { FuelInput } from "../planners/fuel";
import type { Field, Figures } from "./known";
import type { Route, RouteInput } from "../planners/route/schema";
import type { Outlook } from "../weather/outlook";

/** A hazard that the area names by a point alone is kept off as a disc of this radius, nm: a cable. */
const hazardNm = 0.1;
/** How near a harbour lies to the base to be the way into it, nm. */
const atBaseNm = 1;

/** Where a way back ends: the harbour of the base, or its own position where the area names no harbour there. */
export function approachOf(area: Area): { position: Position; depthM: number | null } {
  const near = area.features
    .filter(({ properties: { kind } }) => kind === "harbour")
    .map((feature) => ({ feature, nm: distanceNm(area.base.position, pointOf(feature)) }))
    .filter(({ nm }) => nm <= atBaseNm)
    .toSorted((a, b) => a.nm - b.nm)[0];
  return near
    ? { position: pointOf(near.feature), depthM: near.feature.properties.depthM ?? null }
    : { position: area.base.position, depthM: null };
}

/** What the way keeps off: coasts, zones that one keeps out of, and hazards, each as polygons. */
export function landOf(area: Area): RouteInput["land"] {
  return area.features.flatMap(({ geometry, properties: { kind } }): RouteInput["land"] => {
    if (kind !== "coast" && kind !== "no-go" && kind !== "hazard") return [];
    if (geometry.type === "Polygon") return [{ type: "Polygon", coordinates: geometry.coordinates }];
    if (geometry.type === "MultiPolygon")
      return geometry.coordinates.map((coordinates) => ({ type: "Polygon", coordinates }));
    return kind === "hazard" ? [{ type: "Polygon", coordinates: [disc(geometry.coordinates, hazardNm)] }] : [];
  });
}

/** A closed ring of twelve corners round a position. */
function disc([lon = 0, lat = 0]: Position, nm: number): Position[] {
  const [dLat, dLon] = [nm / 60, nm / (60 * Math.cos((lat * Math.PI) / 180))];
  const corners = Array.from({ length: 12 }, (_, at) => {
    const turn = (at * Math.PI) / 6;
    return [lon + dLon * Math.cos(turn), lat + dLat * Math.sin(turn)];
  });
  return [...corners, corners[0] as Position];
}

/** The way from a position to the base as the planner of ways takes it. */
export const routeBack = (area: Area, from: Position, clearanceNm: number): RouteInput => ({
  land: landOf(area),
  from: [from[0] ?? 0, from[1] ?? 0],
  to: approachOf(area).position.slice(0, 2),
  clearanceNm,
});

/** What a skipper may correct of the way back; where she is, is told apart. */
export const backFields = {
  clearanceNm: { unit: "nm", least: 0, most: 2, step: 0.1 },
  currentKn: { unit: "kn", least: -6, most: 6, step: 0.1 },
  fuelMin: { unit: "min", least: 0, most: 180, step: 15 },
  spareMin: { unit: "min", least: 0, most: 180, step: 15 },
} as const satisfies Record<string, Field>;
export type BackField = keyof typeof backFields;

/** What is reckoned with before anybody corrects it: two cables off, half an hour for the fuel berth, half an hour to spare. */
export const backUsual: Figures<BackField> = {
  clearanceNm: { value: 0.2, source: { from: "usual" } },
  currentKn: { value: 0, source: { from: "usual" } },
  fuelMin: { value: 30, source: { from: "usual" } },
  spareMin: { value: 30, source: { from: "usual" } },
};

/** One of her speeds on the way back. */
export interface LeaveBy {
  rpm: number;
  speedKn: number;
  hours: number;
  /** the latest, with the stop for fuel and the spare time taken off */
  leaveAt: Instant;
  litres: number;
  /** whether what may be burnt is enough; null where nobody knows what is in the tank */
  isFuelEnough: boolean | null;
  /** part of the way lies before sunrise or after sunset */
  inTheDark: boolean;
  /** it is too late for it already */
  isPast: boolean;
}

/** What the times are reckoned from. */
export interface WayBackOf {
  route: Route;
  burn: FuelInput["burn"];
  currentKn: number;
  backAt: Instant;
  now: Instant;
  /** minutes for filling up before she is back; none where it is not asked of her */
  fuelMinutes: number;
  spareMinutes: number;
  usableL: number | null;
  at: Position;
}

/** The latest that one may leave, at each of her speeds, slowest first; none at a speed that makes no way. */
export function leaveBy(of: WayBackOf): LeaveBy[] {
  const { distanceNm: nm } = of.route;
  if (nm === null) return [];
  return of.burn.flatMap(({ rpm, speedKn, burnLph }): LeaveBy[] => {
    const overGroundKn = speedKn + of.currentKn;
    if (overGroundKn <= 0) return [];
    const hours = nm / overGroundKn;
    const arrives = addHours(of.backAt, -(of.fuelMinutes + of.spareMinutes) / 60);
    const leaveAt = addHours(arrives, -hours);
    const litres = hours * burnLph;
    return [
      {
        ...{ rpm, speedKn, hours, leaveAt, litres },
        isFuelEnough: of.usableL === null ? null : litres <= of.usableL,
        inTheDark: isDark(leaveAt, of.at) || isDark(arrives, of.at),
        isPast: Date.parse(leaveAt) < Date.parse(of.now),
      },
    ];
  });
}

/** Sunrise and sunset of the day of an instant at a position; null where the sun does neither. */
export function sunOf(at: Instant, [lon = 0, lat = 0]: Position): { rise: Instant; set: Instant } | null {
  const { sunrise, sunset } = getTimes(new Date(at), lat, lon);
  return sunrise && sunset ? { rise: sunrise.toISOString(), set: sunset.toISOString() } : null;
}

/** Whether the sun is below the horizon. */
export function isDark(at: Instant, position: Position): boolean {
  const sun = sunOf(at, position);
  return sun !== null && (Date.parse(at) < Date.parse(sun.rise) || Date.parse(at) > Date.parse(sun.set));
}

/** Less water under the keel than this is told, m. */
export const keelRoomM = 0.5;

/** Water under her keel at the harbour's entrance at an instant; null where depth or tide are not known. */
export function underKeelAt(
  depthM: number | null,
  draughtM: number,
  outlook: Outlook | null,
  at: Instant,
): number | null {
  const turns = outlook?.tide?.turns ?? [];
  const [first, last] = [turns[0], turns.at(-1)];
  const atMs = Date.parse(at);
  if (depthM === null || !first || !last || atMs < Date.parse(first.at) || atMs > Date.parse(last.at)) return null;
  const height = tideHeightM(
    turns.map((turn) => ({ atMs: Date.parse(turn.at), heightM: turn.heightM })),
    atMs,
  );
  return depthM + height - draughtM;
}
