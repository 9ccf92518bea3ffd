import type { RunningLine } from "../parts/lines";
import type { YachtFile } from "../schema";

/** One line at a row of clutches. */
export interface InClutch {
  key: string;
  line: RunningLine;
}

/** A row of clutches as it lies before who stands at it: port to the left, each with the line that it holds. */
export interface ClutchRow {
  /** the fitting that it is */
  clutch: string;
  lines: InClutch[];
}

const sides = { port: 0, centre: 1, starboard: 2 } as const;

/** The rows of clutches of a boat, each from port to starboard; a line that no clutch holds is in none. */
export function clutchRows({ lines, fittings }: Pick<YachtFile, "lines" | "fittings">): ClutchRow[] {
  const rows = new Map<string, InClutch[]>();
  for (const [key, line] of Object.entries(lines))
    if (line.clutch !== undefined && fittings[line.clutch])
      rows.set(line.clutch, [...(rows.get(line.clutch) ?? []), { key, line }]);
  const along = ({ line }: InClutch) => line.clutchNumber ?? sides[line.side] * 100 + line.order;
  return [...rows].map(([clutch, held]) => ({ clutch, lines: held.sort((a, b) => along(a) - along(b)) }));
}

/** The lines that no clutch holds, in their order. */
export const besideClutches = ({ lines, fittings }: Pick<YachtFile, "lines" | "fittings">): InClutch[] =>
  Object.entries(lines)
    .filter(([, { clutch }]) => clutch === undefined || !fittings[clutch])
    .map(([key, line]) => ({ key, line }))
    .sort((a, b) => a.line.order - b.line.order);
