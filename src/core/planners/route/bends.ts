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

/** A point at which a way bends round a corner. */
export interface Bend {
  at: Point;
  /** from the corner to it */
  outRadians: number;
  /** how far from square to that a leg touches the corner's clearance and does not cut it */
  mostRadians: number;
}

/** What is forgiven of an angle: the last figures of a reckoning. */
const forgivenRadians = 1e-6;

/**
 * Points round a corner that a way bends at: where the lines that touch its circle of clearance meet, so that no leg
 * between them comes nearer.
 */
export function bendsOf({ at, fromRadians, turnRadians }: Corner, clearanceNm: number): Bend[] {
  const steps = Math.max(1, Math.ceil(turnRadians / stepRadians));
  const step = turnRadians / steps;
  return Array.from({ length: steps }, (_, index) => {
    const outRadians = fromRadians + (index + 0.5) * step;
    return {
      at: towards(at, outRadians, clearanceNm / Math.cos(step / 2)),
      outRadians,
      mostRadians: step / 2 + forgivenRadians,
    };
  });
}

/** Whether a leg in a direction touches the corner that a bend goes round: no shortest way comes to it otherwise. */
export function touches({ outRadians, mostRadians }: Bend, legRadians: number): boolean {
  const off = (legRadians - outRadians - Math.PI / 2) / Math.PI;
  return Math.abs(off - Math.round(off)) * Math.PI <= mostRadians;
}
