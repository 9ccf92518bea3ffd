import type { Point, Surface } from "../yacht/schema";
import type { HullParticulars } from "./hull";

/** What a view of the hull from a side, from ahead or from astern is drawn from. */
export interface Profile {
  /** outline in metres: along the hull (aft of the bow; to starboard where one looks along it), and above the waterline */
  outline: Point[];
  keel: Point[] | null;
  /** the range a mark can lie in */
  range: { minA: number; maxA: number; minB: number; maxB: number };
}

/** Whether a view is drawn mirrored: starboard with the bow on the right, and from ahead, with starboard on the left. */
export const isMirrored = (surface: Surface): boolean => surface === "starboard-side" || surface === "bow";

interface Hull {
  lengthM: number;
  beamM: number;
  draughtM: number;
}

/** Freeboard is taken as 11.5 % of the length forward and 9.5 % aft: our own rule of thumb; the file does not say. */
const freeboard = ({ lengthM }: Hull) => ({ bowM: lengthM * 0.115, sternM: lengthM * 0.095 });

/** A keel seen along the hull. */
const finKeel = (draughtM: number): Point[] => [
  [-0.18, -0.2],
  [0.18, -0.2],
  [0.12, -draughtM],
  [-0.12, -draughtM],
];

/** The hull seen from a side, from ahead or from astern, as a plain drawing to set marks on. */
export function profileOf(
  surface: Exclude<Surface, "deck" | "below">,
  { hull, ...size }: Hull & { hull?: HullParticulars["hull"] },
): Profile {
  const { bowM, sternM } = freeboard(size);
  if (surface !== "bow" && surface !== "stern") return fromTheSide(size);
  if (hull === "catamaran") return twoHulls(size, surface === "bow" ? bowM : sternM);
  return surface === "bow" ? fromAhead(size) : fromAstern(size);
}

function twoHulls({ beamM, draughtM }: Hull, endM: number): Profile {
  const half = beamM / 2;
  const inner = half * 0.48;
  return {
    outline: [
      [-half, endM],
      [half, endM],
      [half * 0.97, 0.1],
      [half * 0.76, -0.35],
      [inner, 0.1],
      [inner * 0.94, endM * 0.55],
      [-inner * 0.94, endM * 0.55],
      [-inner, 0.1],
      [-half * 0.76, -0.35],
      [-half * 0.97, 0.1],
    ],
    keel: null,
    range: { minA: -half, maxA: half, minB: -draughtM, maxB: endM },
  };
}

function fromAhead(size: Hull): Profile {
  const { beamM, draughtM } = size;
  const { bowM, sternM } = freeboard(size);
  // flared: full at deck height, fine at the water
  const half = beamM * 0.46;
  return {
    outline: [
      [0, bowM],
      [half * 0.55, bowM * 0.93],
      [half, sternM],
      [half * 0.86, 0.3],
      [half * 0.5, -0.1],
      [0, -0.3],
      [-half * 0.5, -0.1],
      [-half * 0.86, 0.3],
      [-half, sternM],
      [-half * 0.55, bowM * 0.93],
    ],
    keel: finKeel(draughtM),
    range: { minA: -beamM / 2, maxA: beamM / 2, minB: -draughtM, maxB: bowM },
  };
}

function fromAstern(size: Hull): Profile {
  const { beamM, draughtM } = size;
  const { sternM } = freeboard(size);
  const half = beamM * 0.44;
  return {
    outline: [
      [-half, sternM],
      [half, sternM],
      [half * 0.98, 0.35],
      [half * 0.6, -0.1],
      [0, -0.25],
      [-half * 0.6, -0.1],
      [-half * 0.98, 0.35],
    ],
    keel: finKeel(draughtM),
    range: { minA: -beamM / 2, maxA: beamM / 2, minB: -draughtM, maxB: sternM },
  };
}

function fromTheSide(size: Hull): Profile {
  const { lengthM, draughtM } = size;
  const { bowM, sternM } = freeboard(size);
  return {
    outline: [
      [0, bowM],
      [lengthM * 0.3, bowM * 0.94],
      [lengthM * 0.65, sternM * 0.98],
      [lengthM, sternM],
      [lengthM * 0.985, 0.05],
      [lengthM * 0.85, -0.2],
      [lengthM * 0.55, -0.42],
      [lengthM * 0.25, -0.32],
      [lengthM * 0.06, -0.05],
      [lengthM * 0.02, 0.3],
    ],
    keel: [
      [lengthM * 0.42, -0.4],
      [lengthM * 0.58, -0.42],
      [lengthM * 0.56, -draughtM],
      [lengthM * 0.45, -draughtM],
    ],
    range: { minA: 0, maxA: lengthM, minB: -draughtM, maxB: bowM },
  };
}
