import { toBody, toWorld, type Force, type Motion, type Point } from "./frames";
import type { Hull } from "./hull";

/** Place, heading, and motion through the water: x, y, heading, u, v, r. */
export type State = readonly [number, number, number, number, number, number];

/** How a state moves over the ground, in a current. */
export function motionOf([x, y, heading, u, v, r]: State, at: number, current: Point): Motion {
  const turned = { sin: Math.sin(heading), cos: Math.cos(heading) };
  const [ahead, starboard] = toBody(turned, current[0], current[1]);
  const { sin, cos } = turned;
  return { at, x, y, heading, u, v, r, groundU: u + ahead, groundV: v + starboard, sin, cos };
}

/**
 * How a state changes. Rigid body with added mass in three degrees of freedom, in a steady current (Fossen, *Handbook of
 * Marine Craft Hydrodynamics and Motion Control*, chapter 6: relative velocity, with the Coriolis terms of both masses).
 */
function change(state: State, at: number, current: Point, hull: Hull, force: Force): State {
  const motion = motionOf(state, at, current);
  const { u, v, r } = motion;
  const { massAheadKg: ma, massSidewaysKg: ms, inertiaKgM2: inertia } = hull;
  const push = force(motion);
  const [east, north] = toWorld(motion, motion.groundU, motion.groundV);
  const turning = (push.n - (ms - ma) * u * v) / inertia;
  return [east, north, r, (push.x + ms * v * r) / ma, (push.y - ma * u * r) / ms, turning];
}

const plus = (a: State, b: State, share: number): State => [
  a[0] + b[0] * share,
  a[1] + b[1] * share,
  a[2] + b[2] * share,
  a[3] + b[3] * share,
  a[4] + b[4] * share,
  a[5] + b[5] * share,
];

/** One step of Runge and Kutta, fourth order. */
export function stepped(state: State, at: number, dtS: number, current: Point, hull: Hull, force: Force): State {
  const k1 = change(state, at, current, hull, force);
  const k2 = change(plus(state, k1, dtS / 2), at + dtS / 2, current, hull, force);
  const k3 = change(plus(state, k2, dtS / 2), at + dtS / 2, current, hull, force);
  const k4 = change(plus(state, k3, dtS), at + dtS, current, hull, force);
  return plus(plus(plus(plus(state, k1, dtS / 6), k2, dtS / 3), k3, dtS / 3), k4, dtS / 6);
}

/** Kinetic energy through the water, added mass included, J. */
export const kineticJ = ([, , , u, v, r]: State, { massAheadKg, massSidewaysKg, inertiaKgM2 }: Hull): number =>
  0.5 * (massAheadKg * u * u + massSidewaysKg * v * v + inertiaKgM2 * r * r);
