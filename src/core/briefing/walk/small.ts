import type { WalkProblem } from "./problem";

/** Up to so many stops every order is looked at (by sets of done stops), and the best is proven. */
export const smallEnough = 13;

/**
 * The best order of a few stops, by dynamic programming over which are done and which was last: fewest repeats where the
 * asked order counts them, then least walking.
 */
export function bestOfFew({ precedence, placeOf, systemOf, distances, start, end, input }: WalkProblem): number[] {
  const many = placeOf.length;
  if (many === 0) return [];
  const countsRepeats = input.order === "by-system";
  const before = precedence.before.map((list) => list.reduce((bits, stop) => bits | (1 << stop), 0));
  const walk = (from: number, to: number) => distances.seconds[from * distances.size + to] as number;
  const states = (1 << many) * many;
  const runs = new Uint8Array(states).fill(255);
  const seconds = new Float64Array(states).fill(Infinity);
  const last = new Int8Array(states).fill(-1);
  const offer = (done: number, stop: number, run: number, sum: number, from: number) => {
    const at = done * many + stop;
    if (run > (runs[at] as number) || (run === runs[at] && sum >= (seconds[at] as number))) return;
    [runs[at], seconds[at], last[at]] = [run, sum, from];
  };
  for (let stop = 0; stop < many; stop++)
    if (before[stop] === 0) offer(1 << stop, stop, 1, walk(start, placeOf[stop] as number), -1);
  for (let done = 1; done < 1 << many; done++) {
    for (let at = 0; at < many; at++) {
      const state = done * many + at;
      if (runs[state] === 255) continue;
      for (let stop = 0; stop < many; stop++) {
        if ((done >> stop) & 1 || ((before[stop] as number) & ~done) !== 0) continue;
        const run = (runs[state] as number) + (countsRepeats && systemOf[stop] !== systemOf[at] ? 1 : 0);
        offer(
          done | (1 << stop),
          stop,
          run,
          (seconds[state] as number) + walk(placeOf[at] as number, placeOf[stop] as number),
          at,
        );
      }
    }
  }
  const all = (1 << many) - 1;
  let best = 0;
  const total = (stop: number) =>
    (seconds[all * many + stop] as number) + (end === null ? 0 : walk(placeOf[stop] as number, end));
  for (let stop = 1; stop < many; stop++) {
    const [run, least] = [runs[all * many + stop] as number, runs[all * many + best] as number];
    if (run < least || (run === least && total(stop) < total(best))) best = stop;
  }
  const sequence: number[] = [];
  for (let done = all, at = best; at >= 0;) {
    sequence.push(at);
    const earlier = last[done * many + at] as number;
    done &= ~(1 << at);
    at = earlier;
  }
  return sequence.reverse();
}
