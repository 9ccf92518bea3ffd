import { cross, minus, towards, type Point } from "./plane";
import type { Outline } from "./land";

/** A way bends round a corner in steps of this at most: its length is then right to a fifth of a percent. */
const stepRadians = Math.PI / 18;

/** A corner of land that a way can bend round: between which directions it is passed. */
export interface Corner {
  at: Point;
  fromRadians: number;
  turnRadians: number;
}

const outwards = (from: Point, to: Point): number => {
  const [x, y] = minus(to, from);
  return Math.atan2(-x, y);
};

/** The corners of an outline that stand out into the water; ways bend round no others. */
export function cornersOf({ corners }: Outline): Corner[] {
  return corners.flatMap((at, index) => {
    const before = corners.at(index - 1) ?? at;
    const after = corners[(index + 1) % corners.length] ?? at;
    const turn = Math.atan2(
      cross(minus(at, before), minus(after, at)),
      minus(at, before)[0] * minus(after, at)[0] + minus(at, before)[1] * minus(after, at)[1],
    );
    return turn > 0 ? [{ at, fromRadians: outwards(before, at), turnRadians: turn }] : [];
  });
}

/**
 * Points round a corner that a way bends at: where the lines that touch its circle of clearance meet, so that no leg
 * between them comes nearer.
 */
export function bendsOf({ at, fromRadians, turnRadians }: Corner, clearanceNm: number): Point[] {
  const steps = Math.max(1, Math.ceil(turnRadians / stepRadians));
  const step = turnRadians / steps;
  return Array.from({ length: steps }, (_, index) =>
    towards(at, fromRadians + (index + 0.5) * step, clearanceNm / Math.cos(step / 2)),
  );
}
