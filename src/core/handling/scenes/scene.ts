import type { Motion, Point } from "../frames";
import type { ManoeuvreInput } from "../manoeuvre";
import type { HandledBoat, HandledLine } from "../schema";

/** A scene as it is set for one boat. */
export interface SetScene {
  input: ManoeuvreInput;
  /** other boats, drawn; where she can touch them stands among the quays */
  others: readonly (readonly Point[])[];
  /** a ball that is picked up and never run over */
  ball?: Point;
  /** what is seen of the harbour, m: west, south, east, north */
  viewM: readonly [number, number, number, number];
  /** whether it is done now: where she is, how she moves, and whether a line is still fast */
  isDone: (motion: Motion, isFast: boolean) => boolean;
}

/** Something to be tried near a berth: all of one shape. */
export interface Scene {
  name: string;
  /** from where the wind comes as against the quay, which lies to starboard and runs north */
  windFromDeg: number;
  set: (boat: HandledBoat, windKn: number) => SetScene;
}

/** A long quay to starboard of who heads north, at x. */
export const quayAt = (x: number, lengthM: number): [number, number][] => [
  [x, -6 * lengthM],
  [x, 6 * lengthM],
];

/** Room for fenders between hull and quay, m. */
export const fenderM = 0.3;

/** Bow and stern line and both springs of a boat that lies with her starboard side to a quay at x, midships at 0. */
export function fourLines({ lengthM, beamM }: HandledBoat, x: number): HandledLine[] {
  const bow: Point = [0.42 * lengthM, 0.2 * beamM];
  const stern: Point = [-0.45 * lengthM, 0.4 * beamM];
  const ashore = (id: string, [ahead, side]: Point, y: number): HandledLine => {
    const shoreAtM: [number, number] = [x, y];
    // as it was made fast: a hand of slack
    return { id, boatAtM: [ahead, side], shoreAtM, lengthM: Math.hypot(x - side, y - ahead) + 0.1 };
  };
  return [
    ashore("bow-line", bow, 0.62 * lengthM),
    ashore("stern-line", stern, -0.62 * lengthM),
    ashore("fore-spring", bow, -0.1 * lengthM),
    ashore("aft-spring", stern, 0.1 * lengthM),
  ];
}
