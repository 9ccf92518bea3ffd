import type { Folded } from "./fold";
import type { HandoverList, Line } from "./list";
import { mainCell } from "./state";

/** Seconds a line takes with the people who do it: our own estimate, to be measured on real handovers. */
const secondsPerLine: Record<Line["kind"], number> = { count: 8, test: 45, reading: 30, look: 20, mark: 10, view: 20 };

/** What is left to do. */
export interface Progress {
  total: number;
  left: number;
  /** whole minutes, rounded up */
  minutesLeft: number;
  leftByPlace: Readonly<Record<string, number>>;
}

/** Counts the lines with nothing recorded or with an open fork, all over and by place. */
export function progress(list: HandoverList, folded: Folded): Progress {
  const leftByPlace: Record<string, number> = Object.fromEntries(list.places.map((place) => [place.id, 0]));
  let left = 0;
  let seconds = 0;
  for (const line of list.lines) {
    const cell = mainCell(folded, line);
    if (cell && !cell.fork) continue;
    left += 1;
    seconds += secondsPerLine[line.kind];
    leftByPlace[line.place] = (leftByPlace[line.place] ?? 0) + 1;
  }
  return { total: list.lines.length, left, minutesLeft: Math.ceil(seconds / 60), leftByPlace };
}
