import type { Folded } from "./fold";
import type { HandoverList } from "./list";
import { kindOf } from "./lines";
import { mainCell } from "./state";

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
    seconds += kindOf(line).seconds;
    leftByPlace[line.place] = (leftByPlace[line.place] ?? 0) + 1;
  }
  return { total: list.lines.length, left, minutesLeft: Math.ceil(seconds / 60), leftByPlace };
}
