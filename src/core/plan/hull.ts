import type { Point } from "../yacht/schema";

/** Half-breadth as part of the half beam at fractions of the length, bow first. */
export type Stations = readonly (readonly [fraction: number, halfBreadth: number])[];

/** A modern sloop: fine bow, beam carried aft, broad transom. */
export const sloopStations: Stations = [
  [0, 0],
  [0.03, 0.1],
  [0.08, 0.27],
  [0.15, 0.47],
  [0.25, 0.7],
  [0.35, 0.85],
  [0.45, 0.94],
  [0.55, 0.99],
  [0.65, 1],
  [0.75, 0.985],
  [0.85, 0.95],
  [0.94, 0.905],
  [1, 0.88],
];

/**
 * Half-breadth of the hull in metres at a distance aft of the bow, smooth through the stations
 * (monotone cubic, Fritsch and Carlson 1980, so that it never bulges beyond them). 0 outside the hull.
 */
export function halfBreadthM(stations: Stations, lengthM: number, beamM: number, aftM: number): number {
  const t = aftM / lengthM;
  if (t < 0 || t > 1) return 0;
  const slopes = monotoneSlopes(stations);
  const last = stations.length - 1;
  let i = 0;
  while (i < last - 1 && t > (stations[i + 1]?.[0] ?? 1)) i++;
  const [x0, y0] = stations[i] ?? [0, 0];
  const [x1, y1] = stations[i + 1] ?? [1, 0];
  const h = x1 - x0;
  const s = (t - x0) / h;
  const m0 = (slopes[i] ?? 0) * h;
  const m1 = (slopes[i + 1] ?? 0) * h;
  const value =
    (2 * s ** 3 - 3 * s ** 2 + 1) * y0 +
    (s ** 3 - 2 * s ** 2 + s) * m0 +
    (-2 * s ** 3 + 3 * s ** 2) * y1 +
    (s ** 3 - s ** 2) * m1;
  return (Math.max(0, value) * beamM) / 2;
}

function monotoneSlopes(stations: Stations): number[] {
  const n = stations.length;
  const secants = stations.slice(1).map(([x, y], i) => {
    const [px, py] = stations[i] ?? [0, 0];
    return (y - py) / (x - px);
  });
  const slopes = stations.map((_, i) => {
    if (i === 0) return secants[0] ?? 0;
    if (i === n - 1) return secants[n - 2] ?? 0;
    const before = secants[i - 1] ?? 0;
    const after = secants[i] ?? 0;
    return before * after <= 0 ? 0 : (before + after) / 2;
  });
  secants.forEach((secant, i) => {
    if (secant === 0) {
      slopes[i] = 0;
      slopes[i + 1] = 0;
      return;
    }
    const a = (slopes[i] ?? 0) / secant;
    const b = (slopes[i + 1] ?? 0) / secant;
    const size = Math.hypot(a, b);
    if (size > 3) {
      slopes[i] = (3 / size) * a * secant;
      slopes[i + 1] = (3 / size) * b * secant;
    }
  });
  return slopes;
}

/**
 * The outline of a hull as points in metres, from the bow down the starboard side, across the transom and back up to port.
 *
 * @param steps number of slices along the length
 */
export function hullOutline(lengthM: number, beamM: number, stations: Stations = sloopStations, steps = 48): Point[] {
  // slices crowd towards the bow, where the curve is
  const slices = Array.from({ length: steps + 1 }, (_, i) => lengthM * (i / steps) ** 1.3);
  const starboard = slices.map((aftM): Point => [aftM, halfBreadthM(stations, lengthM, beamM, aftM)]);
  const port = [...starboard].reverse().map(([aftM, breadthM]): Point => [aftM, breadthM === 0 ? 0 : -breadthM]);
  return [...starboard, ...port];
}

/** A day boat: fuller forward, beam carried to a broad stern. */
export const dayBoatStations: Stations = [
  [0, 0],
  [0.03, 0.2],
  [0.08, 0.42],
  [0.15, 0.62],
  [0.25, 0.81],
  [0.35, 0.92],
  [0.5, 1],
  [0.65, 1],
  [0.8, 0.96],
  [0.92, 0.88],
  [1, 0.8],
];

/** A motor yacht: flared bow, full shoulders, beam carried straight to a broad transom. */
export const motorYachtStations: Stations = [
  [0, 0],
  [0.03, 0.22],
  [0.08, 0.46],
  [0.15, 0.68],
  [0.25, 0.87],
  [0.35, 0.96],
  [0.45, 1],
  [0.65, 1],
  [0.85, 0.98],
  [1, 0.95],
];

/** One hull of a catamaran: slim, with a fine bow and a narrow stern. */
export const catamaranStations: Stations = [
  [0, 0],
  [0.03, 0.18],
  [0.08, 0.38],
  [0.15, 0.58],
  [0.25, 0.79],
  [0.35, 0.92],
  [0.5, 1],
  [0.65, 1],
  [0.8, 0.94],
  [0.92, 0.84],
  [1, 0.74],
];
/** Breadth of one hull as part of the beam, and where the bridge deck between them begins and ends: our own drawing. */
const [hullPart, deckFrom, deckTo] = [0.27, 0.24, 0.93];

/** What a hull's shape is drawn from. */
export interface HullParticulars {
  hull: "monohull" | "catamaran" | "day-boat" | "motor-yacht";
  lengthM: number;
  beamM: number;
}

/**
 * The outlines that make up a yacht seen from above, in metres: one hull, or for a catamaran the bridge deck and both hulls.
 *
 * @param steps number of slices along the length
 */
export function hullShape({ hull, lengthM, beamM }: HullParticulars, steps = 48): Point[][] {
  if (hull === "monohull") return [hullOutline(lengthM, beamM, sloopStations, steps)];
  if (hull === "day-boat") return [hullOutline(lengthM, beamM, dayBoatStations, steps)];
  if (hull === "motor-yacht") return [hullOutline(lengthM, beamM, motorYachtStations, steps)];
  const breadthM = beamM * hullPart;
  const offsetM = (beamM - breadthM) / 2;
  const one = hullOutline(lengthM, breadthM, catamaranStations, steps);
  const shifted = (byM: number) => one.map(([aftM, starboardM]): Point => [aftM, starboardM + byM]);
  const halfM = offsetM + breadthM * 0.2;
  const deck: Point[] = [
    [lengthM * deckFrom, -halfM],
    [lengthM * deckFrom, halfM],
    [lengthM * deckTo, halfM],
    [lengthM * deckTo, -halfM],
  ];
  return [deck, shifted(-offsetM), shifted(offsetM)];
}

const stationsOf = { monohull: sloopStations, "day-boat": dayBoatStations, "motor-yacht": motorYachtStations } as const;

/** Whether a point lies within the outline of a yacht's hulls, or on what joins them: trampoline and bridge deck. */
export function isInsideHull(particulars: HullParticulars, [aftM, starboardM]: Point, slackM = 0.05): boolean {
  const { hull, lengthM, beamM } = particulars;
  if (aftM < -slackM || aftM > lengthM + slackM) return false;
  if (hull === "catamaran") return Math.abs(starboardM) <= beamM / 2 + slackM;
  return (
    Math.abs(starboardM) <=
    halfBreadthM(stationsOf[hull], lengthM, beamM, Math.min(Math.max(aftM, 0), lengthM)) + slackM
  );
}
