import { addBit, bitsFor, hasBit, type Bits } from "./bits";
import { Heap } from "./heap";
import type { WalkProblem } from "./problem";

interface Runs {
  /** stops in order, system by system */
  sequence: number[];
  /** no order has fewer runs than this */
  least: number;
}

interface State {
  done: Bits;
  place: number;
  system: number;
  runs: number;
  sequence: number[];
}

/**
 * An order with the fewest runs of one system, each run taken nearest first.
 *
 * A system whose stops can all be taken now is taken now: it needs its run anyway, and taking it early only lets more
 * follow; of several the nearest. Only where no system can be finished is there anything to decide, and there every
 * choice is looked at, fewest runs first.
 *
 * @param maxSteps choices looked at before the best known is taken as it is
 */
export function fewestRuns(problem: WalkProblem, maxSteps: number): Runs {
  const { systems, placeOf } = problem;
  const queue = new Heap<State>();
  const seen = new Set<string>();
  const leftSystems = (done: Bits) => new Set(problem.systemOf.filter((_, stop) => !hasBit(done, stop))).size;
  const put = (state: State) => {
    const key = `${state.system}:${state.done.join()}:${state.runs}`;
    if (seen.has(key)) return;
    seen.add(key);
    queue.push(state.runs + leftSystems(state.done), state);
  };
  put({ done: bitsFor(placeOf.length), place: problem.start, system: -1, runs: 0, sequence: [] });
  let least = systems;
  for (let steps = 0; ; steps++) {
    least = Math.max(least, Math.min(queue.least, placeOf.length));
    let state = queue.pop();
    if (!state) throw new Error("a run was lost");
    state = finishSystems(problem, state);
    if (state.sequence.length === placeOf.length)
      return { sequence: state.sequence, least: steps < maxSteps ? state.runs : least };
    const choices = Array.from({ length: systems }, (_, system) => system).filter((system) => system !== state.system);
    const next = choices
      .map((system) => takeRun(problem, state, system))
      .filter((each) => each.sequence.length > state.sequence.length);
    if (steps < maxSteps) next.forEach(put);
    else {
      // out of time: on with the run that takes most, whatever it costs
      next.sort((a, b) => b.sequence.length - a.sequence.length);
      if (next[0]) queue.push(-1, next[0]);
    }
  }
}

/** Takes every system that can be finished in one run, nearest first, until none is left. */
function finishSystems(problem: WalkProblem, from: State): State {
  let state = from;
  for (;;) {
    const left = new Map<number, number>();
    problem.systemOf.forEach(
      (system, stop) => !hasBit(state.done, stop) && left.set(system, (left.get(system) ?? 0) + 1),
    );
    const whole = [...left]
      .filter(([system]) => system !== state.system)
      .map(([system, many]) => ({ many, taken: takeRun(problem, state, system) }))
      .filter(({ many, taken }) => taken.sequence.length - state.sequence.length === many);
    whole.sort((a, b) => firstSteps(problem, state, a.taken) - firstSteps(problem, state, b.taken));
    const [nearest] = whole;
    if (!nearest) return state;
    state = nearest.taken;
  }
}

function firstSteps({ distances, placeOf }: WalkProblem, from: State, to: State): number {
  const first = to.sequence[from.sequence.length];
  return first === undefined
    ? Infinity
    : (distances.seconds[from.place * distances.size + (placeOf[first] as number)] as number);
}

/** Takes all of a system that may be taken, nearest first; what one of its stops lets follow is taken too. */
function takeRun({ precedence, placeOf, systemOf, distances }: WalkProblem, from: State, system: number): State {
  const done = Uint32Array.from(from.done);
  const sequence = [...from.sequence];
  let { place } = from;
  for (;;) {
    let nearest = -1;
    let least = Infinity;
    systemOf.forEach((each, stop) => {
      if (
        each !== system ||
        hasBit(done, stop) ||
        !(precedence.before[stop] ?? []).every((earlier) => hasBit(done, earlier))
      )
        return;
      const seconds = distances.seconds[place * distances.size + (placeOf[stop] as number)] as number;
      if (seconds < least) [nearest, least] = [stop, seconds];
    });
    if (nearest < 0) return { done, place, system, runs: from.runs + 1, sequence };
    addBit(done, nearest);
    sequence.push(nearest);
    place = placeOf[nearest] as number;
  }
}
