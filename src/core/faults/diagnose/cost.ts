import type { Problem } from "./problem";

/**
 * What an order takes on average, seconds: each walk and each look counts by the chance that the cause has not been found
 * before it. That is the same as each chance by the time until its check is done, and the rest by the time of all.
 */
export function costOf({ chance, seconds, fromStart, walk, size }: Problem, order: readonly number[]): number {
  let open = 1;
  let cost = 0;
  let last = -1;
  for (const next of order) {
    const way = last < 0 ? fromStart[next]! : walk[last * size + next]!;
    cost += open * (way + seconds[next]!);
    open = Math.max(0, open - chance[next]!);
    last = next;
  }
  return cost;
}

/** Whether nothing comes before what it waits for. */
export function isAllowed({ before }: Problem, order: readonly number[]): boolean {
  const done = new Set<number>();
  return order.every((next) => {
    const may = before[next]!.every((other) => done.has(other));
    done.add(next);
    return may;
  });
}
