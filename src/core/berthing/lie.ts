import { InputError } from "../basics/calculation";
import { radPerDeg, vectorTo, type Point } from "../handling/frames";
import { outlineOf } from "../handling/outline";
import type { HandledBoat, HandledLine, HandlingInput } from "../handling/schema";
import type { BerthingInput, HerBerth, Neighbour } from "./schema";

/** Fenders, and a step's width at the end she has to the quay, m. */
const fenderM = 0.3;
const stepM = 1;
/** A hand of slack. */
const slackM = 0.15;
/** How far beyond her outer end a lazy line leads to the ground, m. */
const lazyBeyondM = 9;
/** Half a post's thickness. */
const postM = 0.15;

/** A boat as she lies at her berth, with all that stands around her. The middle of her piece of quay is at 0. */
export interface Lain {
  boat: HandledBoat;
  lies: BerthingInput["berth"]["lies"];
  /** to the side of the boat that the quay is on: 1 starboard, -1 port; 0 where an end of her is at it */
  quaySide: 1 | 0 | -1;
  start: { x: number; y: number; headingDeg: number };
  quay: [number, number][];
  lines: HandledLine[];
  /** boats beside her and posts: none may be touched */
  others: readonly (readonly Point[])[];
  /** from the quay to the water */
  out: Point;
  /** so far from the quay her nearest part is clear of all beside her, m */
  clearM: number;
}

/**
 * Puts a boat at her berth.
 *
 * @throws InputError for a berth that is narrower than she is, and for posts within her
 */
export function lain({ boat, berth, neighbours = [] }: BerthingInput): Lain {
  const { lengthM, beamM } = boat;
  const isAlongside = berth.lies === "alongside";
  const needsM = isAlongside ? lengthM : beamM;
  if (berth.widthM < needsM)
    throw new InputError("/berth/widthM", `is ${berth.widthM} m, and she takes ${needsM} m of the quay`);
  const out = vectorTo(berth.outDeg, 1);
  const along = vectorTo(berth.outDeg + 90, 1);
  const at = (alongM: number, outM: number): [number, number] => [
    along[0] * alongM + out[0] * outM,
    along[1] * alongM + out[1] * outM,
  ];
  const side = berth.side ?? "starboard";
  const turn = { "stern-to": 0, "bow-to": 180, alongside: side === "starboard" ? 90 : -90 }[berth.lies];
  const [x, y] = at(0, isAlongside ? beamM / 2 + fenderM : lengthM / 2 + stepM);
  const reachM = Math.max(lengthM, ...neighbours.map((each) => each.lengthM));
  return {
    ...{ boat, lies: berth.lies, out },
    quaySide: isAlongside ? (side === "starboard" ? 1 : -1) : 0,
    start: { x, y, headingDeg: berth.outDeg + turn },
    quay: [at(-8 * reachM, 0), at(8 * reachM, 0)],
    lines: isAlongside ? alongsideLines(boat, side, x, y, berth.outDeg + turn) : endLines(boat, berth, at),
    others: [
      ...neighbours.map((each) => hullAt(each, isAlongside, at)),
      ...(berth.postsM === undefined ? [] : posts(boat, berth.widthM, berth.postsM, at)),
    ],
    clearM: isAlongside
      ? 1.3 * lengthM
      : Math.max(stepM + 2, berth.postsM ?? 0, ...neighbours.map((each) => stepM + each.lengthM)) + 1,
  };
}

/** Whether a boat can lie at a berth as it is told. */
export function fitsIn(boat: HandledBoat, berth: HerBerth): boolean {
  try {
    lain({ boat, berth: berth.lie, wind: { fromDeg: 0, kn: 0 }, crew: 1 });
    return true;
  } catch (error) {
    if (error instanceof InputError) return false;
    throw error;
  }
}

type At = (alongM: number, outM: number) => [number, number];

/** A neighbour from above, as a box: more than it is, never less. */
function hullAt({ offsetM, lengthM, beamM }: Neighbour, isAlongside: boolean, at: At): Point[] {
  const [half, from, to] = isAlongside ? [lengthM / 2, fenderM, fenderM + beamM] : [beamM / 2, stepM, stepM + lengthM];
  return [at(offsetM - half, from), at(offsetM + half, from), at(offsetM + half, to), at(offsetM - half, to)];
}

function posts({ lengthM }: HandledBoat, widthM: number, outM: number, at: At): Point[][] {
  if (outM <= stepM + lengthM / 2)
    throw new InputError("/berth/postsM", `is ${outM} m: posts stand beyond the middle of a boat of ${lengthM} m`);
  return [-1, 1].map((way) => {
    const alongM = (way * widthM) / 2;
    return [
      at(alongM - postM, outM - postM),
      at(alongM + postM, outM - postM),
      at(alongM + postM, outM + postM),
      at(alongM - postM, outM + postM),
    ];
  });
}

const lineTo = (id: string, boatAtM: Point, from: Point, shoreAtM: [number, number], slack = slackM): HandledLine => ({
  ...{ id, boatAtM: [boatAtM[0], boatAtM[1]], shoreAtM },
  lengthM: Math.hypot(shoreAtM[0] - from[0], shoreAtM[1] - from[1]) + slack,
});

/** Bow and stern line, and both springs. */
function alongsideLines(
  { lengthM, beamM }: HandledBoat,
  side: "port" | "starboard",
  x: number,
  y: number,
  headingDeg: number,
): HandledLine[] {
  const way = side === "starboard" ? 1 : -1;
  const [ahead, starboard] = [vectorTo(headingDeg, 1), vectorTo(headingDeg + 90, 1)];
  const at = ([a, s]: Point): [number, number] => [
    x + ahead[0] * a + starboard[0] * s,
    y + ahead[1] * a + starboard[1] * s,
  ];
  const bow: Point = [0.42 * lengthM, way * 0.2 * beamM];
  const stern: Point = [-0.45 * lengthM, way * 0.4 * beamM];
  const quayM = way * (beamM / 2 + fenderM);
  return [
    lineTo("bow-line", bow, at(bow), at([0.62 * lengthM, quayM])),
    lineTo("stern-line", stern, at(stern), at([-0.62 * lengthM, quayM])),
    lineTo("fore-spring", bow, at(bow), at([-0.1 * lengthM, quayM])),
    lineTo("aft-spring", stern, at(stern), at([0.1 * lengthM, quayM])),
  ];
}

/** A line from each quarter of the end she has to the quay, and, where there are any, a lazy line from each of the other. */
function endLines({ lengthM, beamM }: HandledBoat, { lies, lazyLines }: BerthingInput["berth"], at: At): HandledLine[] {
  const isSternTo = lies === "stern-to";
  return (["port", "starboard"] as const).flatMap((side) => {
    const way = side === "starboard" ? 1 : -1;
    // stern-to she looks out: her starboard is to the right of who looks out, bow-to the other way round
    const alongM = (isSternTo ? way : -way) * 0.38 * beamM;
    const inner: Point = [(isSternTo ? -0.48 : 0.48) * lengthM, way * 0.38 * beamM];
    const outer: Point = [(isSternTo ? 0.44 : -0.48) * lengthM, way * (isSternTo ? 0.15 : 0.38) * beamM];
    const outerOut = stepM + (isSternTo ? 0.94 : 0.98) * lengthM;
    const outerAlong = (isSternTo ? way : -way) * (isSternTo ? 0.15 : 0.38) * beamM;
    return [
      lineTo(`line-${side}`, inner, at(alongM, stepM + 0.02 * lengthM), at(alongM * 1.6, 0)),
      ...(lazyLines
        ? [lineTo(`lazy-${side}`, outer, at(outerAlong, outerOut), at(alongM, outerOut + lazyBeyondM), 0)]
        : []),
    ];
  });
}

/** How far her nearest part is from the quay, m. */
export function fromQuayM({ boat, out }: Lain, x: number, y: number, headingRad: number): number {
  const [sin, cos] = [Math.sin(headingRad), Math.cos(headingRad)];
  return Math.min(
    ...outlineOf(boat).map(([a, s]) => (x + a * sin + s * cos) * out[0] + (y + a * cos - s * sin) * out[1]),
  );
}

/** The side the wind is on, as she lies. */
export const windwardOf = ({ start }: Lain, wind: HandlingInput["wind"]): "port" | "starboard" =>
  Math.sin(((wind?.fromDeg ?? 0) - start.headingDeg) * radPerDeg) > 0 ? "starboard" : "port";
