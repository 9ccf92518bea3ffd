import type { Point } from "../yacht/schema";

/** The middle of an outline by its area; the mean of its corners where it has none. */
export function centreOf(outline: readonly Point[]): Point {
  let area = 0;
  let x = 0;
  let y = 0;
  outline.forEach(([x0, y0], i) => {
    const [x1, y1] = outline[(i + 1) % outline.length] ?? [x0, y0];
    const cross = x0 * y1 - x1 * y0;
    area += cross;
    x += (x0 + x1) * cross;
    y += (y0 + y1) * cross;
  });
  if (Math.abs(area) < 1e-9) {
    const n = outline.length || 1;
    return [outline.reduce((a, p) => a + p[0], 0) / n, outline.reduce((a, p) => a + p[1], 0) / n];
  }
  return [x / (3 * area), y / (3 * area)];
}

/**
 * Points of an outline as an SVG path, bow up: metres aft run down the picture, metres to starboard run right.
 *
 * @param pixelsPerM scale of the drawing
 */
export function outlinePath(outline: readonly Point[], pixelsPerM: number): string {
  const points = outline.map(
    ([aftM, starboardM]) => `${(starboardM * pixelsPerM).toFixed(1)} ${(aftM * pixelsPerM).toFixed(1)}`,
  );
  return `M${points.join("L")}Z`;
}
