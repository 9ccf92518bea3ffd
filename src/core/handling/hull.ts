import { msPerKn, pushAt, waterKgM3, type Force, type Motion, type Push } from "./frames";
import { plate } from "./plate";
import type { HandledBoat } from "./schema";

/** What belongs to a kind of hull; shares of her mass, length and beam. Rules of thumb of small-craft design, rounded. */
interface HullKind {
  /** added mass ahead and sideways, as shares of her own */
  addedAhead: number;
  addedSideways: number;
  /** radius of gyration in yaw, as a share of the length */
  gyration: number;
  /** added inertia in yaw, as a share of her own */
  addedYaw: number;
  /** beam of what lies in the water, as a share of hers, and how full its section is */
  wetBeam: number;
  fullness: number;
  /** chord of keel or boards, as a share of the length, how many there are, and where, as a share of the length */
  keelChord: number;
  keels: number;
  keelAt: number;
}

const kinds: Readonly<Record<"monohull" | "catamaran" | "day-boat", HullKind>> = {
  monohull: {
    ...{ addedAhead: 0.06, addedSideways: 0.7, gyration: 0.25, addedYaw: 0.5 },
    ...{ wetBeam: 0.85, fullness: 0.5, keelChord: 0.16, keels: 1, keelAt: -0.045 },
  },
  catamaran: {
    ...{ addedAhead: 0.05, addedSideways: 0.6, gyration: 0.3, addedYaw: 0.35 },
    ...{ wetBeam: 0.3, fullness: 0.6, keelChord: 0.2, keels: 2, keelAt: -0.03 },
  },
  "day-boat": {
    ...{ addedAhead: 0.06, addedSideways: 0.5, gyration: 0.25, addedYaw: 0.4 },
    ...{ wetBeam: 0.85, fullness: 0.45, keelChord: 0.18, keels: 1, keelAt: -0.03 },
  },
};

/** How much of the length is in the water. */
const waterlineShare = 0.9;
/** Drag of a round hull pushed sideways, and what it lifts when it also goes ahead. */
const crossDrag = 1.1;
const hullLift = 0.3;
/** She is no easier to push astern: a transom drags more than a bow. */
const asternFactor = 1.2;
const strips = 9;
/** Pull of an engine that suits a boat, N a kg; only for boats that have none, whose resistance nothing else fixes. */
const usualThrustNPerKg = 0.45;

/** A hull as it moves through the water: its masses and what holds it back. */
export interface Hull {
  massAheadKg: number;
  massSidewaysKg: number;
  inertiaKgM2: number;
  topMs: number;
  resistance: Force;
}

/** Speed at full lever, kn: as told, else 2.4 times the root of nine tenths of the length. */
export const topSpeedKn = ({ topSpeedKn: told, lengthM }: HandledBoat): number =>
  told ?? 2.4 * Math.sqrt(waterlineShare * lengthM);

/** The hull of a boat, out of her dimensions. */
export function hullOf(boat: HandledBoat): Hull {
  const { lengthM, displacementKg: kg, engines } = boat;
  const kind = kinds[boat.hull ?? "monohull"];
  const topMs = topSpeedKn(boat) * msPerKn;
  const pullN = engines.reduce((sum, { thrustAheadN }) => sum + thrustAheadN, 0) || usualThrustNPerKg * kg;
  const ahead = pullN / 2 / topMs ** 2;
  const sideways = sidewaysOf(boat, kind);
  return {
    massAheadKg: kg * (1 + kind.addedAhead),
    massSidewaysKg: kg * (1 + kind.addedSideways),
    inertiaKgM2: kg * (kind.gyration * lengthM) ** 2 * (1 + kind.addedYaw),
    topMs,
    resistance: (motion) => {
      const push = sideways(motion);
      const { u } = motion;
      return { ...push, x: push.x - ahead * (u < 0 ? asternFactor : 1) * Math.abs(u) * u };
    },
  };
}

/** What holds her back sideways and in turning: the hull in strips, and keel or boards as plates. */
function sidewaysOf({ lengthM, beamM, draughtM, displacementKg }: HandledBoat, kind: HullKind): Force {
  const waterlineM = waterlineShare * lengthM;
  const hullM = Math.min(draughtM, displacementKg / (waterKgM3 * waterlineM * beamM * kind.wetBeam * kind.fullness));
  const stripM2 = (waterlineM / strips) * hullM;
  const stripsAt = Array.from({ length: strips }, (_, at) => ((at + 0.5) / strips - 0.5) * waterlineM);
  const keel = plate(kind.keelChord * lengthM * (draughtM - hullM) * kind.keels);
  const keelAt = [kind.keelAt * lengthM, 0] as const;
  return (motion: Motion): Push => {
    const { u, v, r } = motion;
    const push = { x: 0, y: 0, n: 0 };
    for (const at of stripsAt) {
      const across = v + r * at;
      const y = -0.5 * waterKgM3 * stripM2 * (crossDrag * Math.abs(across) + hullLift * Math.abs(u)) * across;
      push.y += y;
      push.n += y * at;
    }
    const [x, y] = keel(u, v + r * keelAt[0], 0);
    const held = pushAt(keelAt, x, y);
    return { x: push.x + held.x, y: push.y + held.y, n: push.n + held.n };
  };
}
