import type { WalkProblem } from "./problem";

/** The plain walk: always to the nearest stop that may be taken now; of equally near ones the first of the input. */
export function nearestFirst({ precedence, placeOf, distances, start }: WalkProblem): number[] {
  const waiting = precedence.before.map((list) => list.length);
  const sequence: number[] = [];
  const free = new Set(waiting.flatMap((number, stop) => (number === 0 ? [stop] : [])));
  for (let at = start; free.size > 0;) {
    let nearest = -1;
    let least = Infinity;
    for (const stop of [...free].sort((a, b) => a - b)) {
      const seconds = distances.seconds[at * distances.size + (placeOf[stop] as number)] as number;
      if (nearest < 0 || seconds < least) [nearest, least] = [stop, seconds];
    }
    free.delete(nearest);
    sequence.push(nearest);
    at = placeOf[nearest] as number;
    for (const later of precedence.behind[nearest] ?? []) {
      waiting[later] = (waiting[later] as number) - 1;
      if (waiting[later] === 0) free.add(later);
    }
  }
  return sequence;
}
