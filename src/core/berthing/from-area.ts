import { berthCalled, fromBerth, type AreaBerth } from "../area/berths";
import type { HerBerth } from "./schema";

/** Berths of one row: which way the water lies, degrees, and how far one may stand out against the other, m. */
const sameWayDeg = 3;
const sameRowM = 3;
/** A boat that nobody knows takes so much of her piece of the quay, and is so long. */
const takes = { ofWidth: 0.8, ofLength: 0.9, beamOfLength: 0.33 } as const;

/** A yacht by where she lies. */
export interface Lying {
  berth: string;
  lengthM: number;
  beamM: number;
}

/** How a yacht lies at her berth; null where the base tells nothing of it. */
export function herBerth(berths: readonly AreaBerth[], hers: Lying, fleet: readonly Lying[]): HerBerth | null {
  const berth = berthCalled(berths, hers.berth);
  if (!berth) return null;
  const { lies, outDeg, widthM, side, postsM, lazyLines, depthM = null } = berth;
  return {
    lie: {
      ...{ lies, outDeg, widthM },
      ...(side === undefined ? {} : { side }),
      ...(postsM === undefined ? {} : { postsM }),
      ...(lazyLines === undefined ? {} : { lazyLines }),
    },
    beside: besides(berths, berth, hers, fleet),
    depthM,
  };
}

function besides(
  berths: readonly AreaBerth[],
  berth: AreaBerth,
  hers: Lying,
  fleet: readonly Lying[],
): HerBerth["beside"] {
  const row = berths
    .filter((other) => other !== berth && turnDeg(other.outDeg, berth.outDeg) < sameWayDeg)
    .map((other) => ({ other, ...fromBerth(berth, other) }))
    .filter(({ outM }) => Math.abs(outM) < sameRowM);
  return [-1, 1].flatMap((way) => {
    const [nearest] = row
      .filter(({ alongM }) => Math.sign(alongM) === way)
      .toSorted((a, b) => Math.abs(a.alongM) - Math.abs(b.alongM));
    if (!nearest) return [];
    const { other, alongM } = nearest;
    const known = fleet.find((each) => berthCalled([other], each.berth));
    const guessed =
      other.lies === "alongside"
        ? { lengthM: other.widthM * takes.ofLength, beamM: other.widthM * takes.ofLength * takes.beamOfLength }
        : { lengthM: hers.lengthM, beamM: other.widthM * takes.ofWidth };
    const { lengthM, beamM } = known ?? guessed;
    return [{ berth: other.name, offsetM: alongM, lengthM, beamM, isKnown: known !== undefined }];
  });
}

const turnDeg = (a: number, b: number): number => Math.abs(((a - b + 540) % 360) - 180);
