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
  /** what presses fastest, and which way it is pushed; null where nothing touches */
  by: { at: Point; out: Point; closingMs: number } | null;
}

/** How fast a point of the boat goes against a push, m/s. */
export function closingOf(motion: Motion, at: Point, out: Point): number {
  const [vx, vy] = speedOf(motion, at);
  return -(vx * out[0] + vy * out[1]);
}

/** A corner of the hull behind the quay, or one of the quay inside the hull: where, how deep, and which way the boat gives. */
interface Touching {
  /** tells it from the others */
  key: number;
  at: Point;
  depthM: number;
  out: Point;
}

/** More than the way it can have come since, m: rounding. */
const slackM = 0.001;
/** A boat that begins deeper in a quay than this does not lie at it, m. */
const deepestAtFirstM = 0.5;

/**
 * An open quay, solid from the side on which midships lies at first. A corner presses only where it came from the front:
 * one that came round the end of the quay is behind it, and nothing throws it back.
 */
export class Quay {
  private readonly stretches: readonly Stretch[];
  private readonly outline: readonly Point[];
  private readonly stiffness: number;
  private readonly damping: number;
  private readonly reachM: number;
  private readonly depths = new Map<number, number>();
  private readonly passed = new Set<number>();
  private seen: Motion | null = null;

  constructor(
    private readonly points: readonly Point[],
    boat: HandledBoat,
    first: Point,
  ) {
    this.stretches = points.slice(1).flatMap((to, at) => stretchOf(points[at] ?? to, to, first));
    this.outline = outlineOf(boat);
    this.stiffness = stiffnessPerKg * boat.displacementKg;
    this.damping = dampingPerKg * boat.displacementKg;
    this.reachM = Math.hypot(boat.lengthM, boat.beamM) / 2;
  }

  /** How it is touched now. */
  at(motion: Motion): QuayNow {
    const now: QuayNow = { push: { x: 0, y: 0, n: 0 }, storedJ: 0, by: null };
    for (const touching of this.touchings(motion))
      if (this.presses(touching, motion)) this.press(now, touching, motion);
    return now;
  }

  /** The same, and remembers what presses, so that what comes from behind is told from it. */
  see(motion: Motion): QuayNow {
    const now: QuayNow = { push: { x: 0, y: 0, n: 0 }, storedJ: 0, by: null };
    const touchings = this.touchings(motion);
    const pressing = touchings.filter((touching) => this.presses(touching, motion));
    for (const key of [...this.passed]) if (!touchings.some((each) => each.key === key)) this.passed.delete(key);
    for (const touching of touchings) if (!pressing.includes(touching)) this.passed.add(touching.key);
    this.depths.clear();
    for (const touching of pressing) {
      this.depths.set(touching.key, touching.depthM);
      this.press(now, touching, motion);
    }
    this.seen = motion;
    return now;
  }

  private touchings(motion: Motion): Touching[] {
    const all: Touching[] = [];
    const midships: Point = [motion.x, motion.y];
    if (!this.stretches.some((each) => distanceM(each, midships) < this.reachM)) return all;
    let key = 0;
    for (const at of this.outline) {
      const behind = behindOf(this.stretches, placeOf(motion, at));
      if (behind) all.push({ key, at, depthM: behind.depthM, out: behind.out });
      key++;
    }
    for (const point of this.points) {
      if (Math.hypot(point[0] - motion.x, point[1] - motion.y) <= this.reachM) {
        const inside = insideOf(this.outline, motion, point);
        if (inside) all.push({ key, at: inside.at, depthM: inside.depthM, out: inside.out });
      }
      key++;
    }
    return all;
  }

  private presses({ key, at, depthM }: Touching, motion: Motion): boolean {
    if (this.passed.has(key)) return false;
    if (this.seen === null) return depthM <= deepestAtFirstM;
    // it may have slowed down since: the faster of then and now
    const ms = Math.max(Math.hypot(...speedOf(motion, at)), Math.hypot(...speedOf(this.seen, at)));
    const cameM = ms * Math.abs(motion.at - this.seen.at);
    return depthM <= (this.depths.get(key) ?? 0) + 1.5 * cameM + slackM;
  }

  private press(now: QuayNow, { at, depthM, out }: Touching, motion: Motion): void {
    const [vx, vy] = speedOf(motion, at);
    const closingMs = -(vx * out[0] + vy * out[1]);
    const normalN = Math.max(0, this.stiffness * depthM + this.damping * closingMs);
    const [tx, ty] = [-out[1], out[0]];
    const slidingMs = vx * tx + vy * ty;
    const rubN = -friction * normalN * Math.tanh(slidingMs / slidesFromMs);
    const [ahead, starboard] = toBody(motion, normalN * out[0] + rubN * tx, normalN * out[1] + rubN * ty);
    const push = pushAt(at, ahead, starboard);
    now.push = { x: now.push.x + push.x, y: now.push.y + push.y, n: now.push.n + push.n };
    now.storedJ += 0.5 * this.stiffness * depthM ** 2;
    if (!now.by || closingMs > now.by.closingMs) now.by = { at, out, closingMs };
  }
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
    const { from, along, out } = stretch;
    const [dx, dy] = [corner[0] - from[0], corner[1] - from[1]];
    const outM = dx * out[0] + dy * out[1];
    if (outM >= 0 || outM < -deepestM) continue;
    const alongM = dx * along[0] + dy * along[1];
    if (alongM < 0 || alongM > stretch.lengthM) continue;
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
