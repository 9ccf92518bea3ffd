import { costOf, isAllowed } from "./cost";
import type { Problem } from "./problem";

/** The longest run of checks that is moved as one. */
const longestRun = 3;
/** How many part orders are followed at once. */
const breadth = 120;

/** A good order of many checks: the best of several beginnings, bettered until no move of a run betters it. */
export function searchedOrder(problem: Problem): number[] {
  return [
    greedyOrder(problem, 0),
    greedyOrder(problem, Infinity),
    broadOrder(problem, perFound),
    broadOrder(problem, withRest(problem)),
  ]
    .map((order) => betteredOrder(problem, order))
    .reduce((best, order) => (costOf(problem, order) < costOf(problem, best) ? order : best));
}

/**
 * Always the allowed check with most chance per second of walking and work.
 *
 * @param perNothing what a check is worth that has no chance and takes no time
 */
export function greedyOrder(problem: Problem, perNothing: number): number[] {
  const { size, chance, seconds } = problem;
  const order: number[] = [];
  const done = new Set<number>();
  while (order.length < size) {
    let best = -1;
    let most = -Infinity;
    for (const next of allowed(problem, done)) {
      const takes = walkTo(problem, order.at(-1), next) + seconds[next]!;
      const worth = takes === 0 && chance[next] === 0 ? perNothing : chance[next]! / takes;
      if (worth > most) [best, most] = [next, worth];
    }
    order.push(best);
    done.add(best);
  }
  return order;
}

const walkTo = ({ size, fromStart, walk }: Problem, last: number | undefined, next: number): number =>
  last === undefined ? fromStart[next]! : walk[last * size + next]!;

function allowed({ size, before }: Problem, done: ReadonlySet<number>): number[] {
  const may: number[] = [];
  for (let next = 0; next < size; next++)
    if (!done.has(next) && before[next]!.every((other) => done.has(other))) may.push(next);
  return may;
}

interface Part {
  order: number[];
  cost: number;
  open: number;
}

/** What a part order has cost for what it has found. */
const perFound = ({ cost, open }: Part): number => cost / Math.max(1 - open, 1e-6);

/** What a part order will cost at least: all that is left has to be done too, by whoever has not found it. */
const withRest = ({ seconds }: Problem) => {
  const mean = seconds.reduce((sum, each) => sum + each, 0) / seconds.length;
  return ({ order, cost, open }: Part): number => cost + (open * mean * (seconds.length - order.length)) / 2;
};

/** Many part orders side by side; of those as long as each other the ones go on that are worth most. */
function broadOrder(problem: Problem, worth: (part: Part) => number): number[] {
  let parts: Part[] = [{ order: [], cost: 0, open: 1 }];
  for (let length = 0; length < problem.size; length++) {
    const longer = parts.flatMap(({ order, cost, open }) =>
      allowed(problem, new Set(order)).map((next): Part => {
        const takes = walkTo(problem, order.at(-1), next) + problem.seconds[next]!;
        return {
          order: [...order, next],
          cost: cost + open * takes,
          open: Math.max(0, open - problem.chance[next]!),
        };
      }),
    );
    parts = longer.toSorted((a, b) => worth(a) - worth(b)).slice(0, breadth);
  }
  return parts.reduce((best, part) => (part.cost < best.cost ? part : best)).order;
}

function betteredOrder(problem: Problem, begun: readonly number[]): number[] {
  let order = [...begun];
  let cost = costOf(problem, order);
  for (let moved = true; moved;) {
    moved = false;
    for (const other of neighbours(order)) {
      if (!isAllowed(problem, other)) continue;
      const less = costOf(problem, other);
      if (less < cost - 1e-12 * cost) {
        [order, cost, moved] = [other, less, true];
        break;
      }
    }
  }
  return order;
}

/** The orders with one run of checks taken out and put in elsewhere. */
function* neighbours(order: readonly number[]): Generator<number[]> {
  for (let length = 1; length <= longestRun; length++)
    for (let from = 0; from + length <= order.length; from++) {
      const rest = order.toSpliced(from, length);
      for (let to = 0; to <= rest.length; to++)
        if (to !== from) yield rest.toSpliced(to, 0, ...order.slice(from, from + length));
    }
}
