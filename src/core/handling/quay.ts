import { placeOf, pushAt, speedOf, toBody, toWorld, type Motion, type Point, type Push } from "./frames";
import { outlineOf } from "./outline";
import type { HandledBoat } from "./schema";

/** Fenders, per kg of the boat: they give in a third of a metre at 3 m/s, and throw her back at a third of her speed. */
const stiffnessPerKg = 60;
const dampingPerKg = 7.3;
const friction = 0.25;
/** Sliding slower than this is half held, m/s. */
const slidesFromMs = 0.05;
/** What is farther behind a quay than this is on its other side, m. */
const deepestM = 1;

/** One stretch of a quay, with the side on which the boat is. */
interface Stretch {
  from: Point;
  along: Point;
  lengthM: number;
  /** towards the water */
  out: Point;
}

/** How a quay is touched at a moment. */
export interface QuayNow {
  push: Push;
  storedJ: number;
  /** greatest speed square to it of what touches, m/s; null where nothing does */
  closingMs: number | null;
}

/** An open quay, solid from the side on which midships lies at first. */
export function quay(points: readonly Point[], boat: HandledBoat, first: Point) {
  const stretches = points.slice(1).flatMap((to, at) => stretchOf(points[at] ?? to, to, first));
  const outline = outlineOf(boat);
  const stiffness = stiffnessPerKg * boat.displacementKg;
  const damping = dampingPerKg * boat.displacementKg;
  const reachM = Math.hypot(boat.lengthM, boat.beamM);

  return (motion: Motion): QuayNow => {
    const now: QuayNow = { push: { x: 0, y: 0, n: 0 }, storedJ: 0, closingMs: null };
    const press = (at: Point, depthM: number, out: Point) => {
      const [vx, vy] = speedOf(motion, at);
      const closingMs = -(vx * out[0] + vy * out[1]);
      const normalN = Math.max(0, stiffness * depthM + damping * closingMs);
      const [tx, ty] = [-out[1], out[0]];
      const slidingMs = vx * tx + vy * ty;
      const rubN = -friction * normalN * Math.tanh(slidingMs / slidesFromMs);
      const [ahead, starboard] = toBody(motion, normalN * out[0] + rubN * tx, normalN * out[1] + rubN * ty);
      const push = pushAt(at, ahead, starboard);
      now.push = { x: now.push.x + push.x, y: now.push.y + push.y, n: now.push.n + push.n };
      now.storedJ += 0.5 * stiffness * depthM ** 2;
      now.closingMs = Math.max(now.closingMs ?? -Infinity, closingMs);
    };
    const midships: Point = [motion.x, motion.y];
    if (!stretches.some((each) => distanceM(each, midships) < reachM)) return now;
    for (const corner of outline) {
      const behind = behindOf(stretches, placeOf(motion, corner));
      if (behind) press(corner, behind.depthM, behind.out);
    }
    for (const point of points) {
      const inside = insideOf(outline, motion, point);
      if (inside) press(inside.at, inside.depthM, inside.out);
    }
    return now;
  };
}

function stretchOf(from: Point, to: Point, first: Point): Stretch[] {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const lengthM = Math.hypot(dx, dy);
  if (lengthM === 0) return [];
  const along: Point = [dx / lengthM, dy / lengthM];
  const left: Point = [-along[1], along[0]];
  const side = (first[0] - from[0]) * left[0] + (first[1] - from[1]) * left[1];
  return [{ from, along, lengthM, out: side >= 0 ? left : [-left[0], -left[1]] }];
}

/** How far along a stretch a point is, and how far on its water side. */
function seenFrom({ from, along, out }: Stretch, [x, y]: Point): { alongM: number; outM: number } {
  const [dx, dy] = [x - from[0], y - from[1]];
  return { alongM: dx * along[0] + dy * along[1], outM: dx * out[0] + dy * out[1] };
}

function distanceM(stretch: Stretch, point: Point): number {
  const { alongM, outM } = seenFrom(stretch, point);
  return Math.hypot(Math.max(0, -alongM, alongM - stretch.lengthM), outM);
}

/** The stretch that a corner of the hull is least far behind; null where it is before all. */
function behindOf(stretches: readonly Stretch[], corner: Point): { depthM: number; out: Point } | null {
  let least: { depthM: number; out: Point } | null = null;
  for (const stretch of stretches) {
    const { alongM, outM } = seenFrom(stretch, corner);
    if (alongM < 0 || alongM > stretch.lengthM || outM >= 0 || outM < -deepestM) continue;
    if (!least || -outM < least.depthM) least = { depthM: -outM, out: stretch.out };
  }
  return least;
}

/** Where in the hull a corner of the quay stands, and which way the boat gives; null where it stands outside. */
function insideOf(
  outline: readonly Point[],
  motion: Motion,
  point: Point,
): { at: Point; depthM: number; out: Point } | null {
  const at = toBody(motion, point[0] - motion.x, point[1] - motion.y);
  let nearest: { depthM: number; out: Point } | null = null;
  for (const [index, from] of outline.entries()) {
    const to = outline[(index + 1) % outline.length] ?? from;
    const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
    const length = Math.hypot(dx, dy);
    // clockwise from above with x ahead and y to starboard: outside is on the left of the way along
    const outward: Point = [dy / length, -dx / length];
    const depthM = -((at[0] - from[0]) * outward[0] + (at[1] - from[1]) * outward[1]);
    if (depthM <= 0) return null;
    if (!nearest || depthM < nearest.depthM) nearest = { depthM, out: [-outward[0], -outward[1]] };
  }
  if (!nearest || nearest.depthM > deepestM) return null;
  return { at, depthM: nearest.depthM, out: toWorld(motion, nearest.out[0], nearest.out[1]) };
}
export type QuayAt = ReturnType<typeof quay>;
