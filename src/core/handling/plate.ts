import { waterKgM3, type Point } from "./frames";

/** Force across a plate for small angles, and how it flattens out where the flow tears off (a wing of small aspect). */
const slope = 3;
const stall = 1.4;

/**
 * A plate in the water, as keel or rudder: the force across it by how fast it moves and how it is turned. It only ever
 * takes energy out of the boat.
 *
 * @returns of a velocity ahead and to starboard, m/s, and an angle, rad (positive: trailing edge to starboard), the force N
 */
export const plate =
  (areaM2: number) =>
  (ahead: number, starboard: number, angle: number): Point => {
    const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
    const speed = Math.hypot(ahead, starboard);
    if (speed === 0) return [0, 0];
    const across = ahead * sin + starboard * cos;
    const share = Math.abs(across) / speed;
    const force = (-0.5 * waterKgM3 * areaM2 * slope * across * speed) / (1 + stall * share);
    return [force * sin, force * cos];
  };
