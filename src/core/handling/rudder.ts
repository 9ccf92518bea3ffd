import type { Propeller } from "./engine";
import { pushAt, type Force } from "./frames";
import { plate } from "./plate";
import type { Rudder } from "./schema";

/** How much of a propeller's pull a rudder in its wash turns aside at most; a small one less, by its area against the disc. */
const turnsAside = 0.8;
const discsForAll = 2;
const besideM = 0.5;

/** The propellers in whose wash a rudder stands: ahead of it, within half a metre sideways. */
const washesOf = ({ atM: [at, side], inWash }: Rudder, propellers: readonly Propeller[]): Propeller[] =>
  inWash === false ? [] : propellers.filter(({ engine: { atM } }) => atM[0] > at && Math.abs(atM[1] - side) <= besideM);

/**
 * A rudder: a plate in the water that she moves through; in the wash of a propeller that pulls ahead it turns part of
 * that pull aside, also at rest. Astern there is no wash on it.
 *
 * @param angle of the wheel at a moment, rad, positive to starboard
 */
export function rudderForce(rudder: Rudder, propellers: readonly Propeller[], angle: (at: number) => number): Force {
  const washes = washesOf(rudder, propellers).map((each) => ({
    each,
    share: turnsAside * Math.min(1, rudder.areaM2 / (discsForAll * each.discM2)),
  }));
  const blade = plate(rudder.areaM2);
  const [ahead, starboard] = rudder.atM;
  return (motion) => {
    const turned = angle(motion.at);
    const [x, y] = blade(motion.u - motion.r * starboard, motion.v + motion.r * ahead, turned);
    const aside = washes.reduce((sum, { each, share }) => sum + share * each.washN(motion), 0) * Math.sin(turned);
    return pushAt(rudder.atM, x - aside * Math.sin(turned), y - aside * Math.cos(turned));
  };
}
