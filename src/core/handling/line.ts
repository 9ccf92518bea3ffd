import { placeOf, pushAt, speedOf, toBody, type Motion, type Push } from "./frames";
import type { HandledLine } from "./schema";

/** Stretch at which a line is at the end of its strength. */
const breaksAt = 0.2;
const usualNPerKg = 6;
/** Share of critical damping: rope loses some of what it takes up. */
const damping = 0.15;

/** How a line lies at a moment. */
export interface LineNow {
  /** by its stretch alone, N; 0 slack */
  tensionN: number;
  /** how fast its ends part, m/s */
  partingMs: number;
  push: Push;
  storedJ: number;
  isOverStrength: boolean;
}

/** What a line bears before it breaks, N. */
export const strengthOf = ({ strengthN }: Pick<HandledLine, "strengthN">, displacementKg: number): number =>
  strengthN ?? usualNPerKg * displacementKg;

/** A mooring line: elastic, pulls only, and breaks. */
export function line(hers: HandledLine, displacementKg: number) {
  const { boatAtM, shoreAtM, lengthM } = hers;
  const strength = strengthOf(hers, displacementKg);
  const stiffness = strength / (breaksAt * lengthM);
  const dampingNs = 2 * damping * Math.sqrt(stiffness * displacementKg);
  return (motion: Motion): LineNow => {
    const [x, y] = placeOf(motion, boatAtM);
    const [dx, dy] = [shoreAtM[0] - x, shoreAtM[1] - y];
    const distanceM = Math.hypot(dx, dy);
    const [east, north] = distanceM === 0 ? [0, 0] : [dx / distanceM, dy / distanceM];
    const [vx, vy] = speedOf(motion, boatAtM);
    const partingMs = -(vx * east + vy * north);
    const stretchM = Math.max(0, distanceM - lengthM);
    const tensionN = stiffness * stretchM;
    const pullN = stretchM > 0 ? Math.max(0, tensionN + dampingNs * partingMs) : 0;
    const [ahead, starboard] = toBody(motion, east * pullN, north * pullN);
    return {
      ...{ tensionN, partingMs, push: pushAt(boatAtM, ahead, starboard) },
      storedJ: 0.5 * stiffness * stretchM ** 2,
      isOverStrength: tensionN > strength,
    };
  };
}
export type LineAt = ReturnType<typeof line>;
