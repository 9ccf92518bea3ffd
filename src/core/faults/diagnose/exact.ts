import type { Problem } from "./problem";

/**
 * The order of least expected time, by what has been done and where one stands (Held and Karp's recursion, with the chance
 * that the cause is still open as the price of a second).
 *
 * @param problem of 14 checks or so: memory and time grow by two for each
 */
export function exactOrder({ size, chance, seconds, fromStart, walk, before }: Problem): number[] {
  if (size === 0) return [];
  const sets = 1 << size;
  const needs = Int32Array.from(before, (list) => list.reduce((mask, other) => mask | (1 << other), 0));
  const open = openBySet(chance, sets);
  const least = new Float64Array(sets * size).fill(Infinity);
  const came = new Int8Array(sets * size).fill(-1);
  for (let first = 0; first < size; first++)
    if (needs[first] === 0) least[(1 << first) * size + first] = fromStart[first]! + seconds[first]!;
  for (let set = 1; set < sets; set++) {
    const price = open[set]!;
    for (let next = 0; next < size; next++) {
      if ((set & (1 << next)) !== 0 || (set & needs[next]!) !== needs[next]!) continue;
      const to = (set | (1 << next)) * size + next;
      for (let last = 0; last < size; last++) {
        const cost = least[set * size + last]! + price * (walk[last * size + next]! + seconds[next]!);
        if (cost < least[to]!) {
          least[to] = cost;
          came[to] = last;
        }
      }
    }
  }
  return backwards(least, came, size);
}

function openBySet(chance: Float64Array, sets: number): Float64Array {
  const open = new Float64Array(sets).fill(1);
  for (let set = 1; set < sets; set++) {
    const one = 31 - Math.clz32(set);
    open[set] = Math.max(0, open[set ^ (1 << one)]! - chance[one]!);
  }
  return open;
}

function backwards(least: Float64Array, came: Int8Array, size: number): number[] {
  let set = (1 << size) - 1;
  let last = 0;
  for (let other = 1; other < size; other++) if (least[set * size + other]! < least[set * size + last]!) last = other;
  const order: number[] = [];
  while (set !== 0) {
    order.unshift(last);
    const previous = came[set * size + last]!;
    set ^= 1 << last;
    last = previous;
  }
  return order;
}
