import type { Point } from "../handling/frames";

/** How far a point is from a stretch, m. */
function fromStretch([px, py]: Point, [ax, ay]: Point, [bx, by]: Point): number {
  const [dx, dy] = [bx - ax, by - ay];
  const length2 = dx * dx + dy * dy;
  const share = length2 === 0 ? 0 : Math.max(0, Math.min(1, ((px - ax) * dx + (py - ay) * dy) / length2));
  return Math.hypot(px - ax - share * dx, py - ay - share * dy);
}

/** Whether a point is in a polygon: how often a ray from it crosses its rim. */
function isWithin([px, py]: Point, polygon: readonly Point[]): boolean {
  let is = false;
  polygon.forEach(([ax, ay], at) => {
    const [bx, by] = polygon[(at + 1) % polygon.length] ?? [ax, ay];
    if (ay > py !== by > py && px < ((bx - ax) * (py - ay)) / (by - ay) + ax) is = !is;
  });
  return is;
}

const sides = (polygon: readonly Point[]): [Point, Point][] =>
  polygon.map((point, at) => [point, polygon[(at + 1) % polygon.length] ?? point]);

const turn = ([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point): number =>
  (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
const cross = ([a, b]: [Point, Point], [c, d]: [Point, Point]): boolean =>
  turn(a, b, c) > 0 !== turn(a, b, d) > 0 && turn(c, d, a) > 0 !== turn(c, d, b) > 0;

/** The room between two shapes, m; 0 where they touch or lie in one another. */
export function roomBetween(one: readonly Point[], other: readonly Point[]): number {
  const [first, second] = [one[0], other[0]];
  if (!first || !second) return Number.POSITIVE_INFINITY;
  if (isWithin(first, other) || isWithin(second, one)) return 0;
  const [its, others] = [sides(one), sides(other)];
  if (its.some((side) => others.some((with_) => cross(side, with_)))) return 0;
  let leastM = Number.POSITIVE_INFINITY;
  for (const point of one) for (const [a, b] of others) leastM = Math.min(leastM, fromStretch(point, a, b));
  for (const point of other) for (const [a, b] of its) leastM = Math.min(leastM, fromStretch(point, a, b));
  return leastM;
}
