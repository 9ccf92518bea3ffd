/** Shortest walks between all places. */
export interface Distances {
  /** seconds from one place to another, Infinity where no way leads; row by row */
  seconds: Float64Array;
  /** the next place on the shortest walk, or -1 */
  next: Int32Array;
  size: number;
}

/** A way in one direction, by the numbers of its places. */
export interface Arc {
  from: number;
  to: number;
  seconds: number;
}

/** Shortest walks between every two places (Floyd and Warshall). Of several ways between the same two the shortest counts. */
export function distancesBetween(size: number, arcs: readonly Arc[]): Distances {
  const seconds = new Float64Array(size * size).fill(Infinity);
  const next = new Int32Array(size * size).fill(-1);
  for (let i = 0; i < size; i++) seconds[i * size + i] = 0;
  for (const arc of arcs) {
    const at = arc.from * size + arc.to;
    if (arc.from === arc.to || arc.seconds >= (seconds[at] as number)) continue;
    seconds[at] = arc.seconds;
    next[at] = arc.to;
  }
  for (let via = 0; via < size; via++) {
    for (let from = 0; from < size; from++) {
      const toVia = seconds[from * size + via] as number;
      if (toVia === Infinity || from === via) continue;
      for (let to = 0; to < size; to++) {
        const through = toVia + (seconds[via * size + to] as number);
        if (through < (seconds[from * size + to] as number)) {
          seconds[from * size + to] = through;
          next[from * size + to] = next[from * size + via] as number;
        }
      }
    }
  }
  return { seconds, next, size };
}

/** The places strictly between two places on the shortest walk. */
export function placesBetween({ next, size }: Distances, from: number, to: number): number[] {
  const between: number[] = [];
  for (let at = next[from * size + to] as number; at !== to && at !== -1; at = next[at * size + to] as number)
    between.push(at);
  return between;
}
