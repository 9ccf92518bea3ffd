/** Sea water, kg/m³; air at 15 °C, kg/m³; metres a second in a knot. */
export const waterKgM3 = 1025;
export const airKgM3 = 1.225;
export const msPerKn = 1852 / 3600;
export const radPerDeg = Math.PI / 180;

export type Point = readonly [number, number];

/** How she moves at a moment. Body axes: x ahead, y to starboard, turning clockwise; the world: x east, y north. */
export interface Motion {
  /** s */
  at: number;
  /** midships, m */
  x: number;
  y: number;
  /** rad, clockwise from north, not wrapped */
  heading: number;
  /** through the water, m/s */
  u: number;
  v: number;
  /** rad/s */
  r: number;
  /** over the ground, m/s */
  groundU: number;
  groundV: number;
  sin: number;
  cos: number;
}

/** A push in body axes, N and Nm about midships. */
export interface Push {
  x: number;
  y: number;
  n: number;
}

/** What acts on her. */
export type Force = (motion: Motion) => Push;

/** A force at a point of the boat, with its moment. */
export const pushAt = ([ahead, starboard]: Point, x: number, y: number): Push => ({
  x,
  y,
  n: ahead * y - starboard * x,
});

/** A direction of the world in body axes. */
export const toBody = ({ sin, cos }: Pick<Motion, "sin" | "cos">, east: number, north: number): Point => [
  east * sin + north * cos,
  east * cos - north * sin,
];

/** A direction of the boat in the world. */
export const toWorld = ({ sin, cos }: Pick<Motion, "sin" | "cos">, ahead: number, starboard: number): Point => [
  ahead * sin + starboard * cos,
  ahead * cos - starboard * sin,
];

/** Where a point of the boat is in the world. */
export function placeOf(motion: Motion, [ahead, starboard]: Point): Point {
  const [east, north] = toWorld(motion, ahead, starboard);
  return [motion.x + east, motion.y + north];
}

/** How fast a point of the boat moves over the ground, in the world. */
export const speedOf = (motion: Motion, [ahead, starboard]: Point): Point =>
  toWorld(motion, motion.groundU - motion.r * starboard, motion.groundV + motion.r * ahead);

/** A vector of the world by where it points, degrees clockwise from north, and how long it is. */
export const vectorTo = (toDeg: number, length: number): Point => [
  length * Math.sin(toDeg * radPerDeg),
  length * Math.cos(toDeg * radPerDeg),
];
