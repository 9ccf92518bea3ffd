import type { Lying, Rode } from "./schema";

const gravity = 9.81;
const seawaterKgPerM3 = 1025;
const steelKgPerM3 = 7850;
const ropeKgPerM3 = 1140;

/** One material of a line: how long, and how heavy in water, in newtons a metre. */
interface Part {
  lengthM: number;
  weightNPerM: number;
}

/** Weight in water of a metre, in newtons: what a metre weighs less the water it takes the place of. */
const inWater = (kgPerM: number, ownKgPerM3: number): number => kgPerM * gravity * (1 - seawaterKgPerM3 / ownKgPerM3);

/** The parts of a rode of which so much is let out: chain first, at the anchor, rope above. */
export function partsOf(rode: Rode, letOutM: number): Part[] {
  const chainM = Math.min(letOutM, rode.chainM);
  return [
    { lengthM: chainM, weightNPerM: inWater(rode.chainKgPerM, steelKgPerM3) },
    { lengthM: letOutM - chainM, weightNPerM: inWater(rode.ropeKgPerM, ropeKgPerM3) },
  ].filter(({ lengthM }) => lengthM > 0);
}

const degrees = (radians: number) => (radians * 180) / Math.PI;

/**
 * How high and how far a hanging line spans, and the upward pull at its top: a catenary for each part, the upward pull
 * running through. No stretch, no friction, no current on the line.
 *
 * @param upN upward pull at its lower end, N
 * @param pullN horizontal pull, the same everywhere, above 0, N
 */
function span(parts: readonly Part[], upN: number, pullN: number): { riseM: number; runM: number; topN: number } {
  let [riseM, runM, low] = [0, 0, upN];
  for (const { lengthM, weightNPerM } of parts) {
    const high = low + weightNPerM * lengthM;
    const [tensionLow, tensionHigh] = [Math.hypot(pullN, low), Math.hypot(pullN, high)];
    // (T1 - T0) / w, written so that a light rope does not take one large figure from another
    riseM += (lengthM * (high + low)) / (tensionHigh + tensionLow);
    runM += (pullN / weightNPerM) * (Math.asinh(high / pullN) - Math.asinh(low / pullN));
    low = high;
  }
  return { riseM, runM, topN: low };
}

/** The upper end of a line: so much of it, counted from the roller. */
function upperEnd(parts: readonly Part[], lengthM: number): Part[] {
  const upper: Part[] = [];
  let left = lengthM;
  for (const part of parts.toReversed()) {
    const taken = Math.min(left, part.lengthM);
    if (taken > 0) upper.unshift({ ...part, lengthM: taken });
    left -= taken;
  }
  return upper;
}

/** The lower end of a line: so much of it, counted from the anchor. */
function lowerEnd(parts: readonly Part[], lengthM: number): Part[] {
  const lower: Part[] = [];
  let left = lengthM;
  for (const part of parts) {
    const taken = Math.min(left, part.lengthM);
    if (taken > 0) lower.push({ ...part, lengthM: taken });
    left -= taken;
  }
  return lower;
}

/**
 * Where points of a line lie, as `lying` found it: along the ground from the anchor, and above the ground, m.
 *
 * @param atM along the line from the anchor, m; beyond its end it is its end
 */
export function shapeOf(
  parts: readonly Part[],
  { onGroundM, upliftDeg }: Lying,
  pullN: number,
  atM: readonly number[],
): { alongM: number; aboveM: number }[] {
  const lengthM = parts.reduce((sum, part) => sum + part.lengthM, 0);
  return atM.map((each) => {
    const at = Math.min(Math.max(each, 0), lengthM);
    if (at <= onGroundM) return { alongM: at, aboveM: 0 };
    if (pullN === 0 || upliftDeg >= 90) return { alongM: onGroundM, aboveM: at - onGroundM };
    const lifted = upperEnd(parts, lengthM - onGroundM);
    const upN = Math.tan((upliftDeg * Math.PI) / 180) * pullN;
    const { riseM, runM } = span(lowerEnd(lifted, at - onGroundM), upN, pullN);
    return { alongM: onGroundM + runM, aboveM: riseM };
  });
}

/** The figure at which a rising function reaches a goal, between two others. */
function where(rises: (at: number) => number, goal: number, from: number, to: number): number {
  let [low, high] = [from, to];
  for (let step = 0; step < 200 && high - low > 0; step++) {
    const middle = (low + high) / 2;
    if (middle === low || middle === high) break;
    if (rises(middle) < goal) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** A figure above which a rising function has reached a goal that it reaches. */
function beyond(rises: (at: number) => number, goal: number, first: number): number {
  let at = first;
  while (rises(at) < goal) at *= 2;
  return at;
}

/**
 * How a line lies and hangs between anchor and roller: what lies on the ground carries nothing.
 *
 * @param parts from the anchor up
 * @param heightM from the ground to the roller, m
 * @param pullN horizontal pull at the roller, N
 */
export function lying(parts: readonly Part[], heightM: number, pullN: number): Lying {
  const lengthM = parts.reduce((sum, part) => sum + part.lengthM, 0);
  if (pullN === 0) {
    const onGroundM = Math.max(lengthM - heightM, 0);
    return { onGroundM, upliftDeg: 0, bowAngleDeg: 90, reachM: onGroundM };
  }
  if (lengthM <= heightM) return { onGroundM: 0, upliftDeg: 90, bowAngleDeg: 90, reachM: 0 };
  const liftedRise = (liftedM: number) => span(upperEnd(parts, liftedM), 0, pullN).riseM;
  if (liftedRise(lengthM) >= heightM) {
    const liftedM = where(liftedRise, heightM, 0, lengthM);
    const { runM, topN } = span(upperEnd(parts, liftedM), 0, pullN);
    const onGroundM = lengthM - liftedM;
    return { onGroundM, upliftDeg: 0, bowAngleDeg: degrees(Math.atan2(topN, pullN)), reachM: onGroundM + runM };
  }
  const rises = (upN: number) => span(parts, upN, pullN).riseM;
  const upN = where(rises, heightM, 0, beyond(rises, heightM, pullN));
  const { runM, topN } = span(parts, upN, pullN);
  return {
    onGroundM: 0,
    upliftDeg: degrees(Math.atan2(upN, pullN)),
    bowAngleDeg: degrees(Math.atan2(topN, pullN)),
    reachM: runM,
  };
}

/**
 * The least length of a rode that pulls level at the anchor, m; also where it is more than there is aboard, as if the rope
 * went on.
 */
export function levelM(rode: Rode, heightM: number, pullN: number): number {
  if (pullN === 0) return heightM;
  const weightNPerM = inWater(rode.chainKgPerM, steelKgPerM3);
  if (rode.chainM > 0) {
    // all lifted from level: h = (H/w)(√(1 + (wL/H)²) − 1), so L = √(h² + 2hH/w)
    const chainAloneM = Math.sqrt(heightM * heightM + (2 * heightM * pullN) / weightNPerM);
    if (chainAloneM <= rode.chainM || rode.ropeM === 0) return chainAloneM;
  }
  const rises = (letOutM: number) => span(partsOf({ ...rode, ropeM: letOutM }, letOutM), 0, pullN).riseM;
  return where(rises, heightM, Math.max(rode.chainM, heightM), beyond(rises, heightM, Math.max(rode.chainM, heightM)));
}
