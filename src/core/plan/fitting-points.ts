import type { Point, YachtFile } from "../yacht/schema";
import { centreOf } from "./outline";

/** Room a symbol takes on the plan, in metres. */
export const symbolM = 0.34;

/**
 * Where each fitting stands on the plan: at its own spot where the file has one, else in rows about the middle of its
 * place, so that no two cover each other. The same file gives the same points.
 *
 * @returns points in metres aft and to starboard, by the fitting's key
 */
export function fittingPoints(
  file: Pick<YachtFile, "fittings" | "places">,
  keys: readonly string[],
): Record<string, Point> {
  const points: Record<string, Point> = {};
  const waiting = new Map<string, string[]>();
  for (const key of keys) {
    const fitting = file.fittings[key];
    if (!fitting) continue;
    if (fitting.at) points[key] = fitting.at as Point;
    else waiting.set(fitting.place, [...(waiting.get(fitting.place) ?? []), key]);
  }
  for (const [place, here] of waiting) {
    const outline = file.places[place]?.outline as Point[] | undefined;
    if (!outline) continue;
    const [aftM, starboardM] = centreOf(outline);
    const widthM = Math.max(...outline.map((point) => point[1])) - Math.min(...outline.map((point) => point[1]));
    const columns = Math.max(1, Math.min(here.length, Math.floor(widthM / symbolM)));
    const rows = Math.ceil(here.length / columns);
    here.forEach((key, i) => {
      const row = Math.floor(i / columns);
      const inRow = row === rows - 1 ? here.length - row * columns : columns;
      points[key] = [aftM + (row - (rows - 1) / 2) * symbolM, starboardM + ((i % columns) - (inRow - 1) / 2) * symbolM];
    });
  }
  return points;
}
