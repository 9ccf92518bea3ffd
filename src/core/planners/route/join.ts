import type { Corner } from "./bends";
import type { Land } from "./land";
import { cross, distance, minus, nearestOn, towards, type Point, type Segment } from "./plane";

/** What the edge of the clearance is made of: edges moved outwards, and circles round corners. */
interface Rim {
  lines: Segment[];
  circles: Point[];
}

function rimOf(land: Land, corners: readonly Corner[], clearanceNm: number, within: (line: Segment) => boolean): Rim {
  const lines = land.outlines.flatMap(({ edges }) =>
    edges.map(({ segment: [from, to] }): Segment => {
      const [x, y] = minus(to, from);
      const outwards = Math.atan2(-x, y);
      return [towards(from, outwards, clearanceNm), towards(to, outwards, clearanceNm)];
    }),
  );
  return {
    lines: lines.filter(within),
    circles: corners.map(({ at }) => at).filter((at) => within([at, at])),
  };
}

const lineMeetsLine = ([a, b]: Segment, [c, d]: Segment): Point[] => {
  const [ab, cd] = [minus(b, a), minus(d, c)];
  const turn = cross(ab, cd);
  if (turn === 0) return [];
  const [s, t] = [cross(minus(c, a), cd) / turn, cross(minus(c, a), ab) / turn];
  return s >= 0 && s <= 1 && t >= 0 && t <= 1 ? [[a[0] + s * ab[0], a[1] + s * ab[1]]] : [];
};

function lineMeetsCircle([a, b]: Segment, centre: Point, radius: number): Point[] {
  const [ab, ca] = [minus(b, a), minus(a, centre)];
  const length2 = ab[0] ** 2 + ab[1] ** 2;
  if (length2 === 0) return [];
  const half = (ca[0] * ab[0] + ca[1] * ab[1]) / length2;
  const under = half * half - (ca[0] ** 2 + ca[1] ** 2 - radius * radius) / length2;
  if (under < 0) return [];
  return [-half - Math.sqrt(under), -half + Math.sqrt(under)]
    .filter((share) => share >= 0 && share <= 1)
    .map((share): Point => [a[0] + share * ab[0], a[1] + share * ab[1]]);
}

function circleMeetsCircle(one: Point, two: Point, radius: number): Point[] {
  const far = distance(one, two);
  if (far === 0 || far > 2 * radius) return [];
  const high = Math.sqrt(Math.max(radius * radius - (far * far) / 4, 0));
  const middle: Point = [(one[0] + two[0]) / 2, (one[1] + two[1]) / 2];
  const [x, y] = minus(two, one);
  return [1, -1].map((side): Point => [middle[0] - (side * high * y) / far, middle[1] + (side * high * x) / far]);
}

/** What is forgiven of the clearance: the last figures of a reckoning. */
const forgiven = 1e-9;
/** How far out the nearest point is looked for, in clearances. */
const reach = 4;

/**
 * The nearest point that keeps the clearance and to which a straight way over no land leads; null where there is none
 * near.
 *
 * @param point in water, nearer than the clearance
 */
export function joinOf(land: Land, corners: readonly Corner[], point: Point, clearanceNm: number): Point | null {
  const most = reach * clearanceNm;
  const { lines, circles } = rimOf(
    land,
    corners,
    clearanceNm,
    (line) => distance(point, nearestOn(line, point)) <= most,
  );
  const candidates = [
    ...lines.map((line) => nearestOn(line, point)),
    ...circles.flatMap((centre) => {
      const [x, y] = minus(point, centre);
      return [towards(centre, Math.atan2(y, x), clearanceNm)];
    }),
    ...lines.flatMap((line, at) => [
      ...lines.slice(at + 1).flatMap((other) => lineMeetsLine(line, other)),
      ...circles.flatMap((centre) => lineMeetsCircle(line, centre, clearanceNm)),
    ]),
    ...circles.flatMap((centre, at) =>
      circles.slice(at + 1).flatMap((other) => circleMeetsCircle(centre, other, clearanceNm)),
    ),
  ].toSorted((a, b) => distance(a, point) - distance(b, point));
  return (
    candidates.find(
      (each) =>
        !land.has(each) && land.from(each, clearanceNm) >= clearanceNm - forgiven && land.isOverWater([point, each]),
    ) ?? null
  );
}
