import type { WalkProblem } from "./problem";

/** A way between two places, in whichever direction is shorter. */
interface Edge {
  a: number;
  b: number;
  seconds: number;
}

/** Places on one side of a line drawn through the yacht, and how many seconds each crossing of that line is worth. */
interface Cut {
  inside: boolean[];
  worth: number;
}

/**
 * A lower bound on the walking that is left, from any place and with any stops done.
 *
 * Lines are drawn through the yacht so that no way is longer than the worths of all lines that cross it. Then a walk is
 * never shorter than the sum over the lines of worth times crossings. How often a line must be crossed follows from the
 * precedence: from where one stands, along any chain of stops that must follow one another, to the end, once for each
 * change of side. (Packing of cuts, as in the dual of the travelling salesman's linear programme.)
 */
export class CutBound {
  private readonly worths: Float64Array;
  /** per cut and place: on which side it lies */
  private readonly side: Uint8Array;
  /** per stop and cut: crossings from that stop on, along the worst chain behind it, to the end */
  private readonly tail: Uint8Array;
  private readonly most: Uint8Array;

  constructor(
    private readonly problem: WalkProblem,
    private readonly end: number,
  ) {
    const { placeOf, precedence, distances } = problem;
    const cuts = cutsOf(problem, end);
    const many = cuts.length;
    this.worths = Float64Array.from(cuts, (cut) => cut.worth);
    this.side = new Uint8Array(many * distances.size);
    cuts.forEach(({ inside }, c) => inside.forEach((each, place) => each && (this.side[place * many + c] = 1)));
    this.tail = new Uint8Array(placeOf.length * many);
    this.most = new Uint8Array(many);
    for (const stop of [...precedence.order].reverse()) {
      for (let c = 0; c < many; c++) {
        const here = this.sideOf(placeOf[stop] as number, c);
        let most = here ^ this.sideOf(end, c);
        for (const later of precedence.behind[stop] ?? [])
          most = Math.max(
            most,
            (here ^ this.sideOf(placeOf[later] as number, c)) + (this.tail[later * many + c] as number),
          );
        this.tail[stop * many + c] = most;
      }
    }
  }

  private sideOf(place: number, cut: number): number {
    return this.side[place * this.worths.length + cut] as number;
  }

  /**
   * Seconds of walking that are left at least.
   *
   * @param open stops of which every other one that is left comes after one; the others add nothing, as their chains lead through these
   */
  from(place: number, open: readonly number[]): number {
    const {
      problem: { placeOf },
      end,
      worths,
      side,
      tail,
      most,
    } = this;
    const many = worths.length;
    for (let c = 0; c < many; c++) most[c] = (side[place * many + c] as number) ^ (side[end * many + c] as number);
    for (const stop of open) {
      const [from, to, behind] = [place * many, (placeOf[stop] as number) * many, stop * many];
      for (let c = 0; c < many; c++) {
        const crossings = ((side[from + c] as number) ^ (side[to + c] as number)) + (tail[behind + c] as number);
        if (crossings > (most[c] as number)) most[c] = crossings;
      }
    }
    let sum = 0;
    for (let c = 0; c < many; c++) sum += (worths[c] as number) * (most[c] as number);
    return sum;
  }
}

/** Lines around places that must be visited, drawn by letting moats grow until they meet (Goemans and Williamson). */
function cutsOf({ placeOf, start, distances, arcs }: WalkProblem, end: number): Cut[] {
  const { size } = distances;
  const edges = edgesOf(arcs);
  const wanted = new Array<boolean>(size).fill(false);
  for (const place of [...placeOf, start, end]) wanted[place] = true;
  const cuts: Cut[] = [];
  const left = edges.map((edge) => edge.seconds);
  const group = Array.from({ length: size }, (_, place) => place);
  const merge = (a: number, b: number) => {
    const [keep, gone] = [group[a] as number, group[b] as number];
    for (let place = 0; place < size; place++) if (group[place] === gone) group[place] = keep;
  };
  edges.forEach((edge, i) => {
    const beyond = isBridge(size, edges, i);
    if (
      beyond &&
      beyond.some((inside, place) => inside && wanted[place]) &&
      beyond.some((inside, place) => !inside && wanted[place])
    ) {
      cuts.push({ inside: beyond, worth: edge.seconds });
      left[i] = 0;
    }
  });
  edges.forEach(({ a, b }, i) => (left[i] as number) <= 0 && group[a] !== group[b] && merge(a, b));
  for (;;) {
    const active = new Set<number>();
    for (let place = 0; place < size; place++) if (wanted[place]) active.add(group[place] as number);
    if (active.size < 2) return cuts;
    let step = Infinity;
    let tight = -1;
    edges.forEach(({ a, b }, i) => {
      const [one, other] = [group[a] as number, group[b] as number];
      if (one === other) return;
      const growing = (active.has(one) ? 1 : 0) + (active.has(other) ? 1 : 0);
      if (growing > 0 && (left[i] as number) / growing < step) [step, tight] = [(left[i] as number) / growing, i];
    });
    if (tight < 0) return cuts;
    for (const moat of active) {
      if (step > 0) cuts.push({ inside: group.map((each) => each === moat), worth: step });
    }
    edges.forEach(({ a, b }, i) => {
      const [one, other] = [group[a] as number, group[b] as number];
      if (one !== other)
        left[i] = (left[i] as number) - step * ((active.has(one) ? 1 : 0) + (active.has(other) ? 1 : 0));
    });
    const { a, b } = edges[tight] as Edge;
    merge(a, b);
  }
}

function edgesOf(arcs: WalkProblem["arcs"]): Edge[] {
  const shortest = new Map<string, Edge>();
  for (const { from, to, seconds } of arcs) {
    if (from === to) continue;
    const [a, b] = from < to ? [from, to] : [to, from];
    const key = `${a} ${b}`;
    const known = shortest.get(key);
    if (!known || seconds < known.seconds) shortest.set(key, { a, b, seconds });
  }
  return [...shortest.values()];
}

/** The places on one side, when taking this edge away parts the yacht in two; else null. */
export function isBridge(size: number, edges: readonly Pick<Edge, "a" | "b">[], without: number): boolean[] | null {
  const { a, b } = edges[without] as Edge;
  const inside = new Array<boolean>(size).fill(false);
  const queue = [a];
  inside[a] = true;
  for (const place of queue) {
    edges.forEach((edge, i) => {
      if (i === without) return;
      const other = edge.a === place ? edge.b : edge.b === place ? edge.a : -1;
      if (other >= 0 && !inside[other]) {
        inside[other] = true;
        queue.push(other);
      }
    });
  }
  return inside[b] ? null : inside;
}
