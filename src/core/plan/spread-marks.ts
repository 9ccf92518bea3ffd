import type { Point } from "../yacht/schema";

const mostRounds = 200;

/**
 * Moves marks of one size apart until none covers another, each as little as it can. Where a mark has moved, a line leads
 * back to its point. The same points give the same answer.
 *
 * @param apart least distance between two marks, in the unit of the points
 */
export function spreadMarks(points: readonly Point[], apart: number): Point[] {
  const moved = points.map(([x, y]): Point => [x, y]);
  for (let round = 0; round < mostRounds; round++) {
    let isSettled = true;
    for (let i = 0; i < moved.length; i++)
      for (let j = i + 1; j < moved.length; j++) {
        const [a, b] = [moved[i] as Point, moved[j] as Point];
        const distance = Math.hypot(b[0] - a[0], b[1] - a[1]);
        if (distance >= apart - 1e-9) continue;
        isSettled = false;
        // two on one point part in a direction of their own
        const angle = distance > 1e-9 ? Math.atan2(b[1] - a[1], b[0] - a[0]) : (i * 7 + j) * 2.4;
        const push = (apart - distance) / 2 + 1e-6;
        moved[i] = [a[0] - push * Math.cos(angle), a[1] - push * Math.sin(angle)];
        moved[j] = [b[0] + push * Math.cos(angle), b[1] + push * Math.sin(angle)];
      }
    if (isSettled) break;
  }
  return moved;
}
