import type { WalkProblem } from "./problem";

/** What an order of stops costs. */
export interface WalkCost {
  /** runs of one system, less the number of systems; 0 in the orders that do not ask */
  repeats: number;
  seconds: number;
  /** minutes that something stands open, summed */
  openMinutes: number;
}

const secondsOf = ({ distances }: WalkProblem, from: number, to: number) =>
  distances.seconds[from * distances.size + to] as number;

/** Runs of one system in an order of stops, less the number of systems. */
export function repeatsOf({ systemOf, systems }: WalkProblem, sequence: readonly number[]): number {
  const runs = sequence.filter((stop, i) => i === 0 || systemOf[stop] !== systemOf[sequence[i - 1] as number]).length;
  return sequence.length === 0 ? 0 : runs - systems;
}

/** Seconds of walking up to each stop of an order, from the start; and with what leads to the end, at the end of the list. */
export function secondsUpTo(problem: WalkProblem, sequence: readonly number[]): number[] {
  let [at, sum] = [problem.start, 0];
  const upTo = sequence.map((stop) => {
    const place = problem.placeOf[stop] as number;
    sum += secondsOf(problem, at, place);
    at = place;
    return sum;
  });
  return [...upTo, sum + (problem.end === null ? 0 : secondsOf(problem, at, problem.end))];
}

/** Minutes between two stops of an order: talk strictly between them, and walking from one to the other. */
export function minutesBetween(
  { minutesOf }: WalkProblem,
  sequence: readonly number[],
  upTo: readonly number[],
  from: number,
  to: number,
): number {
  let talk = 0;
  for (let i = from + 1; i < to; i++) talk += minutesOf[sequence[i] as number] as number;
  return talk + ((upTo[to] as number) - (upTo[from] as number)) / 60;
}

/** Minutes that something stands open in an order, summed over all that is opened. */
export function openMinutesOf(problem: WalkProblem, sequence: readonly number[]): number {
  const upTo = secondsUpTo(problem, sequence);
  return problem.closing.reduce(
    (sum, [opening, closing]) =>
      sum + minutesBetween(problem, sequence, upTo, sequence.indexOf(opening), sequence.indexOf(closing)),
    0,
  );
}

/** What an order of stops costs, by what the asked order counts. */
export function costOf(problem: WalkProblem, sequence: readonly number[]): WalkCost {
  return {
    repeats: problem.input.order === "by-system" ? repeatsOf(problem, sequence) : 0,
    seconds: secondsUpTo(problem, sequence).at(-1) ?? 0,
    openMinutes: openMinutesOf(problem, sequence),
  };
}

const tiny = 1e-9;

/** Whether one cost is less: repeats first, then walking, then what stands open. */
export function isLess(one: WalkCost, other: WalkCost): boolean {
  if (one.repeats !== other.repeats) return one.repeats < other.repeats;
  if (Math.abs(one.seconds - other.seconds) > tiny) return one.seconds < other.seconds;
  return one.openMinutes < other.openMinutes - tiny;
}
