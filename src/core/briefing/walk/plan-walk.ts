import { costOf, isLess, minutesBetween, repeatsOf, secondsUpTo } from "./cost";
import { CutBound } from "./cut-bound";
import { placesBetween } from "../../plan/distances";
import { nearestFirst } from "./greedy";
import { improved, type Effort } from "./improve";
import { walkProblem, type WalkProblem } from "./problem";
import { fewestRuns } from "./runs";
import type { Leg, WalkInput, WalkPlan } from "./schema";
import { shortestTo } from "./search";
import { bestOfFew, smallEnough } from "./small";

interface Best {
  sequence: number[];
  /** no allowed walk takes less, with as few repeats */
  boundSeconds: number;
  optimal: boolean;
}

/** How much work is put in. Counted, not timed, so that the same input gives the same plan everywhere. */
const searchOps = (stops: number) => (stops <= 60 ? 60e6 : 32e6);
const haste = 4;
const runSteps = 400;
const seek: Effort = { rounds: 2000, moves: 240_000, open: false };
const settle: Effort = { rounds: 12, moves: 8_000, open: true };

/**
 * Plans the walk over a yacht: every stop after all it depends on, in the asked order, with as little walking as can be
 * found, and what is opened on the way standing open as briefly as equal walks allow. How: docs/decisions/0014.
 *
 * @throws InputError for what cannot be planned, naming it
 */
export function planWalk(input: WalkInput): WalkPlan {
  const problem = walkProblem(input);
  const found =
    problem.placeOf.length <= smallEnough
      ? few(problem)
      : input.order === "by-system"
        ? bySystem(problem)
        : many(problem);
  const sequence = improved(problem, found.sequence, settle);
  return written(problem, { ...found, sequence });
}

function few(problem: WalkProblem): Best {
  const sequence = bestOfFew(problem);
  return { sequence, boundSeconds: costOf(problem, sequence).seconds, optimal: true };
}

/** `shortest` and `deck-first` over many stops: A*, and where it does not come to an end the best of two quick walks made better. */
function many(problem: WalkProblem): Best {
  const ops = searchOps(problem.placeOf.length);
  const exact = shortest(problem, Infinity, ops);
  if (exact.sequence && exact.proven) return { sequence: exact.sequence, boundSeconds: exact.bound, optimal: true };
  const hasty = shortest(problem, Infinity, ops / 8, haste).sequence;
  const quick = [nearestFirst(problem), ...[exact.sequence, hasty].filter((each) => each !== null)];
  const sequence = least(
    problem,
    quick.map((each) => improved(problem, each, seek)),
  );
  const { seconds } = costOf(problem, sequence);
  return { sequence, boundSeconds: Math.min(exact.bound, seconds), optimal: exact.bound >= seconds - 1e-9 };
}

/** `by-system`: the fewest runs first, then pieces moved about; the walk without that demand is the bound. */
function bySystem(problem: WalkProblem): Best {
  const runs = fewestRuns(problem, runSteps);
  const sequence = least(problem, [improved(problem, runs.sequence, seek), nearestFirst(problem)]);
  const { seconds } = costOf(problem, sequence);
  const { bound } = shortest(problem, seconds, searchOps(problem.placeOf.length) / 8);
  const boundSeconds = Math.min(bound, seconds);
  return {
    sequence,
    boundSeconds,
    optimal: boundSeconds >= seconds - 1e-9 && repeatsOf(problem, sequence) + problem.systems <= runs.least,
  };
}

const least = (problem: WalkProblem, candidates: readonly number[][]): number[] =>
  candidates.reduce((best, each) => (isLess(costOf(problem, each), costOf(problem, best)) ? each : best));

/** The shortest walk to the asked end; where none is asked, over every place it could end at. */
function shortest(
  problem: WalkProblem,
  limit: number,
  ops: number,
  hurry = 1,
): { sequence: number[] | null; bound: number; proven: boolean } {
  const { placeOf, precedence, end } = problem;
  const last = [...new Set(placeOf.filter((_, stop) => precedence.behind[stop]?.length === 0))];
  // the most promising end first: what it finds soon rules the others out
  const promise = (place: number) => new CutBound(problem, place).from(problem.start, precedence.order);
  const ends =
    end !== null
      ? [end]
      : last
          .map((place) => ({ place, least: promise(place) }))
          .sort((a, b) => a.least - b.least)
          .map(({ place }) => place);
  const stepOps = placeOf.length * problem.distances.size * (problem.arcs.length / problem.distances.size + 1);
  let steps = Math.ceil(ops / stepOps);
  let [best, seconds, bound, proven] = [null as number[] | null, limit, Infinity, true];
  for (const place of ends) {
    const found = shortestTo(problem, place, seconds, steps, hurry);
    steps -= found.steps;
    bound = Math.min(bound, found.bound);
    if (found.sequence && found.seconds < seconds) [best, seconds] = [found.sequence, found.seconds];
    else if (!found.sequence && found.bound < seconds) proven = false;
  }
  return { sequence: best, bound, proven };
}

const tidy = (value: number) => Math.round(value * 1e9) / 1e9;

function written(problem: WalkProblem, { sequence, boundSeconds, optimal }: Best): WalkPlan {
  const { input, placeOf, start, end, distances, minutesOf, closing, exceptions } = problem;
  const placeId = (place: number) => input.places[place]?.id ?? "";
  const stopId = (stop: number) => input.stops[stop]?.id ?? "";
  const route = [start, ...sequence.map((stop) => placeOf[stop] as number), ...(end === null ? [] : [end])];
  const legs = route.slice(1).flatMap((to, i): Leg[] => {
    const from = route[i] as number;
    if (from === to) return [];
    return [
      {
        from: placeId(from),
        to: placeId(to),
        via: placesBetween(distances, from, to).map(placeId),
        seconds: tidy(distances.seconds[from * distances.size + to] as number),
      },
    ];
  });
  const upTo = secondsUpTo(problem, sequence);
  const open = closing
    .map(([opening, closes]) => [sequence.indexOf(opening), sequence.indexOf(closes)] as const)
    .sort(([a], [b]) => a - b)
    .map(([from, to]) => ({
      from: stopId(sequence[from] as number),
      to: stopId(sequence[to] as number),
      minutes: tidy(minutesBetween(problem, sequence, upTo, from, to)),
    }));
  return {
    sequence: sequence.map(stopId),
    legs,
    walkSeconds: tidy(upTo.at(-1) ?? 0),
    talkMinutes: tidy(minutesOf.reduce((sum, minutes) => sum + minutes, 0)),
    boundSeconds: optimal ? tidy(upTo.at(-1) ?? 0) : tidy(boundSeconds),
    optimal,
    repeats: repeatsOf(problem, sequence),
    open,
    exceptions: sequence.filter((stop) => exceptions.has(stop)).map(stopId),
  };
}
