import fc from "fast-check";
import type { Point } from "../yacht/schema";
import { spreadMarks } from "./spread-marks";

const distance = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1]);

it("leaves alone what does not overlap", () => {
  const points: Point[] = [
    [0, 0],
    [10, 0],
  ];
  expect(spreadMarks(points, 10)).toEqual(points);
});

it("moves two that overlap equally far apart", () => {
  // 4 apart and 10 wanted: each moves 3, along the line between them
  const [a, b] = spreadMarks(
    [
      [0, 0],
      [4, 0],
    ],
    10,
  ) as [Point, Point];
  expect([a[0], b[0]]).toEqual([expect.closeTo(-3, 3), expect.closeTo(7, 3)]);
  expect([a[1], b[1]]).toEqual([0, 0]);
});

it("parts any few marks, also those on one point, and gives the same answer again", () => {
  const coordinate = fc.integer({ min: 0, max: 60 });
  fc.assert(
    fc.property(fc.array(fc.tuple(coordinate, coordinate), { maxLength: 14 }), (points) => {
      const moved = spreadMarks(points, 12);
      expect(spreadMarks(points, 12)).toEqual(moved);
      moved.forEach((a, i) => moved.slice(i + 1).forEach((b) => expect(distance(a, b)).toBeGreaterThan(12 - 0.7)));
    }),
  );
});
