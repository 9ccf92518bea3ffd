import type { Point } from "./frames";
import type { HandledBoat } from "./schema";

/** Corners of the hull from above, clockwise from the bow, as shares of length and beam; a catamaran has two bows. */
const oneBow: readonly Point[] = [
  ...([
    [0.5, 0],
    [0.36, 0.27],
    [0.18, 0.43],
    [0, 0.5],
    [-0.25, 0.48],
    [-0.5, 0.38],
  ] as const),
  ...([
    [-0.5, -0.38],
    [-0.25, -0.48],
    [0, -0.5],
    [0.18, -0.43],
    [0.36, -0.27],
  ] as const),
];
const twoBows: readonly Point[] = [
  ...([
    [0.5, 0.42],
    [0.3, 0.49],
    [0, 0.5],
    [-0.25, 0.5],
    [-0.5, 0.46],
  ] as const),
  ...([
    [-0.5, -0.46],
    [-0.25, -0.5],
    [0, -0.5],
    [0.3, -0.49],
    [0.5, -0.42],
  ] as const),
];

/** The hull's corners, m ahead and to starboard: convex, clockwise. */
export const outlineOf = ({ lengthM, beamM, hull }: HandledBoat): Point[] =>
  (hull === "catamaran" ? twoBows : oneBow).map(([ahead, starboard]) => [ahead * lengthM, starboard * beamM]);
