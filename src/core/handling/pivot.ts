import { radPerDeg, type Motion } from "./frames";

/** Slower than this she is not told to turn, degrees a second. */
const leastDegS = 0.4;
/** Farther off than this, in lengths, she slides rather than turns. */
const mostLengths = 1.5;

/** The point of her centre line that does not slide sideways over the ground, m ahead of midships; null where she hardly turns, or slides as a whole. */
export function pivotM({ r, groundV }: Pick<Motion, "r" | "groundV">, lengthM: number): number | null {
  if (Math.abs(r) < leastDegS * radPerDeg) return null;
  const ahead = -groundV / r;
  return Math.abs(ahead) > mostLengths * lengthM ? null : ahead;
}
