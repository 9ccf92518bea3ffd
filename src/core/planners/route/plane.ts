/** A point in a plane, nautical miles east and north of where it was laid on the earth. */
export type Point = readonly [x: number, y: number];
/** A straight piece from one point to another. */
export type Segment = readonly [from: Point, to: Point];

export const minus = ([ax, ay]: Point, [bx, by]: Point): Point => [ax - bx, ay - by];
export const distance = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);
/** Above zero where b lies to the left of a. */
export const cross = ([ax, ay]: Point, [bx, by]: Point): number => ax * by - ay * bx;
/** The point so far from another in a direction, radians from east to north. */
export const towards = ([x, y]: Point, radians: number, far: number): Point => [
  x + far * Math.cos(radians),
  y + far * Math.sin(radians),
];

/** The point of a segment that is nearest to another one. */
export function nearestOn([from, to]: Segment, point: Point): Point {
  const along = minus(to, from);
  const length2 = along[0] ** 2 + along[1] ** 2;
  if (length2 === 0) return from;
  const [px, py] = minus(point, from);
  const share = Math.min(1, Math.max(0, (px * along[0] + py * along[1]) / length2));
  return [from[0] + share * along[0], from[1] + share * along[1]];
}

/** Whether two segments cross, each from one side of the other to its other side. */
export function crosses([a, b]: Segment, [c, d]: Segment): boolean {
  const [ab, cd] = [minus(b, a), minus(d, c)];
  return cross(ab, minus(c, a)) * cross(ab, minus(d, a)) < 0 && cross(cd, minus(a, c)) * cross(cd, minus(b, c)) < 0;
}

/** How far two segments are from each other; 0 where they cross. */
export function apart(one: Segment, two: Segment): number {
  if (crosses(one, two)) return 0;
  return Math.min(
    distance(one[0], nearestOn(two, one[0])),
    distance(one[1], nearestOn(two, one[1])),
    distance(two[0], nearestOn(one, two[0])),
    distance(two[1], nearestOn(one, two[1])),
  );
}
