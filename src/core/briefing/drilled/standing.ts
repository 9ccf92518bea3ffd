import type { DrillRunKept } from "./run";

/** Clean runs on so many different days, or so many one after the other, make a task done alone. */
const cleanDays = 2;
const cleanInARow = 3;

/** How somebody stands with one task of one of her devices. */
export interface TaskStanding {
  task: string;
  runs: number;
  /** days on which it was done clean */
  daysClean: number;
  /** clean runs one after the other, up to the last */
  inARow: number;
  /** done alone on the drill: it stays so, whatever goes wrong afterwards */
  isAlone: boolean;
  /** the last run: when, on which day, and its mistakes; null before the first */
  last: { at: string; day: string; isClean: boolean; mistakes: readonly string[] } | null;
  /** every mistake that was made, most first */
  mistakes: { code: string; count: number }[];
}

/** Whether a run counts: to the end, without a mistake, and without help. */
export const isClean = ({ value, helped, mistakes }: Pick<DrillRunKept, "value" | "helped" | "mistakes">): boolean =>
  value === "done" && !helped && mistakes.length === 0;

/**
 * How somebody stands with a task: clean twice on different days, or three times running, is done alone.
 *
 * @param runs of this task on this machine, in the order they were made
 */
export function taskStanding(task: string, runs: readonly DrillRunKept[]): TaskStanding {
  const days = new Set<string>();
  let inARow = 0;
  let isAlone = false;
  for (const run of runs) {
    inARow = isClean(run) ? inARow + 1 : 0;
    if (isClean(run)) days.add(run.day);
    isAlone ||= inARow >= cleanInARow || days.size >= cleanDays;
  }
  const last = runs.at(-1);
  return {
    ...{ task, runs: runs.length, daysClean: days.size, inARow, isAlone },
    last: last ? { at: last.at, day: last.day, isClean: isClean(last), mistakes: last.mistakes } : null,
    mistakes: counted(runs.flatMap(({ mistakes }) => mistakes)),
  };
}

/** Codes by how often they stand there, most first; of equal ones by name. */
export function counted(codes: readonly string[]): { code: string; count: number }[] {
  const counts = new Map<string, number>();
  for (const code of codes) counts.set(code, (counts.get(code) ?? 0) + 1);
  return [...counts]
    .map(([code, count]) => ({ code, count }))
    .toSorted((a, b) => b.count - a.count || (a.code < b.code ? -1 : 1));
}
