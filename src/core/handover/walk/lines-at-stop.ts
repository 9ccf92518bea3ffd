import type { Line } from "../lines";
import type { BriefedStop } from "../../briefing/part";

type Stop = Pick<BriefedStop, "id" | "place" | "system">;

/**
 * The lines of the list to do at a stop, so that one visit to a place is enough: those of its system, with the first
 * stop on it there; and, at the last stop of a place, everything else of that place before one walks on.
 *
 * @param order stops still to come, in the order of the walk; the stop itself may be behind already
 * @returns the lines, and whether this is the last stop there
 */
export function linesAtStop<L extends Pick<Line, "place" | "system">>(
  stop: Stop,
  order: readonly Stop[],
  lines: readonly L[],
): { lines: L[]; leaving: boolean } {
  const toCome = order.some((each) => each.id === stop.id) ? order : [stop, ...order];
  const here = toCome.filter((each) => each.place === stop.place);
  const leaving = here.at(-1)?.id === stop.id;
  const mine = lines.filter((line) => {
    if (line.place !== stop.place) return false;
    const ofSystem = here.find((each) => each.system === line.system);
    return ofSystem ? ofSystem.id === stop.id : leaving;
  });
  return { lines: mine, leaving };
}
