import { addBit, bitsFor, hasBit, isWithin, type Bits } from "./bits";
import { CutBound, isBridge } from "./cut-bound";
import { Heap } from "./heap";
import type { WalkProblem } from "./problem";

/** Where a search stands: at a place, with some stops done. */
interface State {
  place: number;
  done: Bits;
  seconds: number;
  /** stops taken on arriving here */
  taken: number[];
  from: State | null;
}

export interface Found {
  /** the best walk found, as stops in order; null when none was found below the given limit */
  sequence: number[] | null;
  seconds: number;
  /** no walk to this end takes less */
  bound: number;
  steps: number;
}

/** A way that parts the yacht: crossing it leads to a part that can be done in one go. */
interface Branch {
  from: number;
  to: number;
  /** stops behind it */
  stops: number[];
  behind: boolean[];
}

/**
 * The shortest walk to a given end, by A*.
 *
 * Two facts keep it small. Whoever stands at a place does everything there that may be done: doing it early never makes
 * the walk longer. And where one way alone leads to a part of the yacht that does not hold the end, and all that is
 * left there may be done now, going there now costs no more than later, so no other move is looked at.
 *
 * @param limit walks of this length or more are of no use
 * @param maxSteps states looked at before it gives up and answers with what it knows
 * @param haste how much more what is left weighs than what is walked: above 1 a walk is found soon, and nothing is proven
 */
export function shortestTo(problem: WalkProblem, end: number, limit: number, maxSteps: number, haste = 1): Found {
  const { precedence, placeOf, distances, start } = problem;
  const size = placeOf.length;
  const { before, stopsAt, exits } = tablesOf(problem);
  const branches = branchesOf(problem, end);
  const bound = new CutBound(problem, end);
  const wayHome = (place: number) => distances.seconds[place * distances.size + end] as number;

  const arrive = (place: number, done: Bits): { done: Bits; taken: number[] } => {
    const taken: number[] = [];
    let now = done;
    for (const stop of stopsAt[place] ?? []) {
      if (hasBit(now, stop) || !isWithin(before[stop] as Bits, now)) continue;
      if (taken.length === 0) now = Uint32Array.from(done);
      addBit(now, stop);
      taken.push(stop);
    }
    return { done: now, taken };
  };
  /** Stops that may be taken now: whatever else is left comes after one of them. */
  const openIn = (done: Bits) =>
    precedence.order.filter((stop) => !hasBit(done, stop) && isWithin(before[stop] as Bits, done));
  /** Whether all that is left behind a branch can be done in one go now; false also when nothing is left there. */
  const isOpen = (branch: Branch, done: Bits): boolean => {
    let left = false;
    for (const stop of branch.stops) {
      if (hasBit(done, stop)) continue;
      left = true;
      for (const earlier of precedence.before[stop] ?? [])
        if (!hasBit(done, earlier) && !branch.behind[placeOf[earlier] as number]) return false;
    }
    return left;
  };

  const queue = new Heap<State>();
  const best = new Map<string, number>();
  const put = (place: number, done: Bits, taken: number[], seconds: number, from: State | null) => {
    const key = `${place}:${done.join()}`;
    if (seconds >= (best.get(key) ?? Infinity)) return;
    const least = seconds + Math.max(bound.from(place, openIn(done)), wayHome(place));
    if (least >= limit) return;
    best.set(key, seconds);
    queue.push(seconds + haste * (least - seconds), { place, done, seconds, taken, from });
  };
  const first = arrive(start, bitsFor(size));
  put(start, first.done, first.taken, 0, null);
  let steps = 0;
  let proven = 0;
  for (; queue.size > 0; steps++) {
    if (haste === 1) proven = Math.max(proven, Math.min(queue.least, limit));
    if (steps >= maxSteps) return { sequence: null, seconds: Infinity, bound: proven, steps };
    const state = queue.pop() as State;
    if (state.seconds > (best.get(`${state.place}:${state.done.join()}`) ?? Infinity)) continue;
    if (openIn(state.done).length === 0)
      return {
        sequence: pathOf(state),
        seconds: state.seconds + wayHome(state.place),
        bound: haste === 1 ? state.seconds + wayHome(state.place) : 0,
        steps,
      };
    const forced = branches.find((branch) => branch.from === state.place && isOpen(branch, state.done));
    for (const { to, seconds } of exits[state.place] ?? []) {
      if (forced && to !== forced.to) continue;
      if (
        !forced &&
        branches.some((branch) => branch.to === state.place && branch.from === to && isOpen(branch, state.done))
      )
        continue;
      const there = arrive(to, state.done);
      put(to, there.done, there.taken, state.seconds + seconds, state);
    }
  }
  return { sequence: null, seconds: Infinity, bound: limit, steps };
}

/** What the search looks up at every step: what comes before each stop, the stops of each place, and the ways out of it. */
function tablesOf({ precedence, placeOf, distances, arcs }: WalkProblem) {
  const size = placeOf.length;
  const before = precedence.before.map((list) => {
    const bits = bitsFor(size);
    for (const stop of list) addBit(bits, stop);
    return bits;
  });
  const stopsAt: number[][] = Array.from({ length: distances.size }, () => []);
  // in an order that the precedence allows, so that one look over the stops of a place is enough
  for (const stop of precedence.order) stopsAt[placeOf[stop] as number]?.push(stop);
  const exits: { to: number; seconds: number }[][] = Array.from({ length: distances.size }, () => []);
  for (const { from, to, seconds } of arcs) {
    const known = exits[from]?.find((exit) => exit.to === to);
    if (known) known.seconds = Math.min(known.seconds, seconds);
    else if (from !== to) exits[from]?.push({ to, seconds });
  }
  return { before, stopsAt, exits };
}

function pathOf(state: State): number[] {
  const parts: number[][] = [];
  for (let at: State | null = state; at; at = at.from) parts.push(at.taken);
  return parts.reverse().flat();
}

/** The branches that do not hold the end. Where some way leads one way only there are none: one might not come back. */
function branchesOf({ arcs, distances, placeOf, input }: WalkProblem, end: number): Branch[] {
  if (input.ways.some((way) => way.oneWay)) return [];
  const edges: { a: number; b: number }[] = [];
  for (const { from, to } of arcs) {
    if (from < to && !edges.some((edge) => edge.a === from && edge.b === to)) edges.push({ a: from, b: to });
  }
  return edges.flatMap((edge, i): Branch[] => {
    const side = isBridge(distances.size, edges, i);
    if (!side) return [];
    const behind = side[end] ? side.map((inside) => !inside) : side;
    const [from, to] = behind[edge.a] ? [edge.b, edge.a] : [edge.a, edge.b];
    return [{ from, to, behind, stops: placeOf.flatMap((place, stop) => (behind[place] ? [stop] : [])) }];
  });
}
