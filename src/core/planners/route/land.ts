import { apart, cross, crosses, distance, minus, nearestOn, type Point, type Segment } from "./plane";

interface Box {
  west: number;
  south: number;
  east: number;
  north: number;
}

const boxOf = (points: readonly Point[]): Box => ({
  west: Math.min(...points.map(([x]) => x)),
  south: Math.min(...points.map(([, y]) => y)),
  east: Math.max(...points.map(([x]) => x)),
  north: Math.max(...points.map(([, y]) => y)),
});
const isNear = (a: Box, b: Box, far: number): boolean =>
  a.west - far <= b.east && b.west - far <= a.east && a.south - far <= b.north && b.south - far <= a.north;

interface Edge {
  segment: Segment;
  box: Box;
}

/** One outline, counterclockwise: its corners in order, without the first once more. */
export interface Outline {
  corners: Point[];
  edges: Edge[];
  box: Box;
}

/** The outline of a closed ring, wound either way. Corners that stand twice in a row are one. */
export function outlineOf(ring: readonly Point[]): Outline {
  const open = ring
    .slice(0, -1)
    .filter((corner, at, all) => distance(corner, all.at(at - 1) ?? corner) > 0 || all.length === 1);
  const turned = area(open) < 0 ? open.toReversed() : open;
  const edges = turned.map((corner, at): Edge => {
    const segment: Segment = [corner, turned[(at + 1) % turned.length] ?? corner];
    return { segment, box: boxOf(segment) };
  });
  return { corners: turned, edges, box: boxOf(turned) };
}

/** Twice the area of a ring; below zero where it is wound clockwise. */
const area = (corners: readonly Point[]): number =>
  corners.reduce((sum, corner, at) => sum + cross(corner, corners[(at + 1) % corners.length] ?? corner), 0);

/** Whether an outline crosses itself. */
export function crossesItself({ edges }: Outline): boolean {
  return edges.some((one, at) =>
    edges.slice(at + 1).some((two) => isNear(one.box, two.box, 0) && crosses(one.segment, two.segment)),
  );
}

/** Whether a point lies within an outline, by how often a way east crosses it. */
function isWithin({ edges, box }: Outline, point: Point): boolean {
  const [x, y] = point;
  if (x < box.west || x > box.east || y < box.south || y > box.north) return false;
  let within = false;
  for (const {
    segment: [from, to],
  } of edges)
    if (from[1] > y !== to[1] > y && cross(minus(to, from), minus(point, from)) > 0 === to[1] > from[1])
      within = !within;
  return within;
}

/** All that is not to be sailed over. */
export class Land {
  constructor(readonly outlines: readonly Outline[]) {}

  /** Whether a point lies on it. */
  has(point: Point): boolean {
    return this.outlines.some((outline) => isWithin(outline, point));
  }

  /** How far a point is from it; farther than a limit is told as the limit. */
  from(point: Point, limit: number): number {
    return this.#edgesNear(boxOf([point]), limit).reduce(
      (least, { segment }) => Math.min(least, distance(point, nearestOn(segment, point))),
      limit,
    );
  }

  /** Whether a straight way stays so far from it all along; its ends lie in water. */
  keeps(way: Segment, far: number): boolean {
    const box = boxOf(way);
    for (const outline of this.outlines) {
      if (!isNear(outline.box, box, far)) continue;
      for (const edge of outline.edges) if (isNear(edge.box, box, far) && apart(way, edge.segment) < far) return false;
    }
    return true;
  }

  /** Whether a straight way between two points in water crosses none of it. */
  isOverWater(way: Segment): boolean {
    const middle: Point = [(way[0][0] + way[1][0]) / 2, (way[0][1] + way[1][1]) / 2];
    return !this.has(middle) && this.#edgesNear(boxOf(way), 0).every(({ segment }) => !crosses(way, segment));
  }

  #edgesNear(box: Box, far: number): Edge[] {
    return this.outlines.flatMap((outline) =>
      isNear(outline.box, box, far) ? outline.edges.filter((edge) => isNear(edge.box, box, far)) : [],
    );
  }
}
