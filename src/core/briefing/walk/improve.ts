import { hasBit, type Bits } from "./bits";
import { costOf, isLess, openMinutesOf, secondsUpTo } from "./cost";
import type { WalkProblem } from "./problem";

/** How much is put into making an order better; counted, so that the same input gives the same answer. */
export interface Effort {
  /** how often pieces are moved at random */
  rounds: number;
  /** moves looked at before it stops */
  moves: number;
  /** whether, of equal walks, the one that leaves less standing open is taken */
  open: boolean;
}

/**
 * Makes an order of stops better by moving pieces of it: one stop, a few in a row, or a whole run of one place or system,
 * to wherever the precedence allows, as long as something is won. Then some pieces are moved at random, and again; the
 * best is kept. The same input gives the same answer.
 */
export function improved(problem: WalkProblem, first: readonly number[], { rounds, moves, open }: Effort): number[] {
  const budget = { left: moves };
  const random = lcg(first.length);
  let best = climbed(problem, [...first], open, budget);
  let bestCost = costOf(problem, best);
  for (let round = 0; round < rounds && budget.left > 0; round++) {
    const next = climbed(problem, shaken(problem, best, random), open, budget);
    const cost = costOf(problem, next);
    if (isLess(cost, bestCost)) [best, bestCost] = [next, cost];
  }
  return best;
}

/** Numbers from 0 to 1 in a row that is always the same (Numerical Recipes' constants). */
function lcg(seed: number): () => number {
  let state = seed >>> 0;
  return () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) / 4294967296;
}

/** Moves pieces as long as something is won. */
function climbed(problem: WalkProblem, sequence: number[], open: boolean, budget: { left: number }): number[] {
  let now = sequence;
  for (let won = true; won && budget.left > 0;) {
    won = false;
    for (let from = 0; from < now.length && budget.left > 0; from++) {
      for (const length of pieceLengths(problem, now, from)) {
        const better = bestMove(problem, { sequence: now, from, length }, open, budget);
        if (!better) continue;
        now = better;
        won = true;
      }
    }
  }
  return now;
}

/** Lengths of pieces that begin here: one to three stops, the rest of a run of one place, the rest of a run of one system. */
function pieceLengths({ placeOf, systemOf }: WalkProblem, sequence: readonly number[], from: number): number[] {
  const run = (of: readonly number[]) => {
    let to = from;
    while (to < sequence.length && of[sequence[to] as number] === of[sequence[from] as number]) to++;
    return to - from;
  };
  return [...new Set([1, 2, 3, run(placeOf), run(systemOf)])].filter((length) => from + length <= sequence.length);
}

const tiny = 1e-9;

/** A piece of an order: so many stops from one on. The rest are the others, counted as if the piece were not there. */
interface Piece {
  sequence: readonly number[];
  from: number;
  length: number;
}

const restAt = ({ sequence, from, length }: Piece, i: number): number | undefined =>
  sequence[i < from ? i : i + length];

/** The order with the piece moved to before the given one of the rest. */
function moved({ sequence, from, length }: Piece, to: number): number[] {
  const piece = sequence.slice(from, from + length);
  const rest = [...sequence.slice(0, from), ...sequence.slice(from + length)];
  return [...rest.slice(0, to), ...piece, ...rest.slice(to)];
}

/** An order with a piece moved to where it wins most, or null when it wins nothing. */
function bestMove(problem: WalkProblem, piece: Piece, open: boolean, budget: { left: number }): number[] | null {
  const [least, most] = roomFor(problem, piece);
  let best = {
    ...costOfPlacing(problem, piece, piece.from),
    openMinutes: open ? openMinutesOf(problem, piece.sequence) : 0,
  };
  let bestTo = piece.from;
  for (let to = least; to <= most; to++) {
    if (to === piece.from) continue;
    budget.left -= 1;
    const { repeats, seconds } = costOfPlacing(problem, piece, to);
    if (repeats > best.repeats || (repeats === best.repeats && seconds > best.seconds + tiny)) continue;
    const next = { repeats, seconds, openMinutes: open ? openMinutesOf(problem, moved(piece, to)) : 0 };
    if (isLess(next, best)) [best, bestTo] = [next, to];
  }
  return bestTo === piece.from ? null : moved(piece, bestTo);
}

/** What a piece put before one of the rest adds in repeats (where they count) and walking. */
function costOfPlacing(
  { placeOf, systemOf, distances, start, end, input }: WalkProblem,
  piece: Piece,
  to: number,
): { repeats: number; seconds: number } {
  const { sequence, from, length } = piece;
  const [before, behind, first, last] = [
    to === 0 ? undefined : restAt(piece, to - 1),
    restAt(piece, to),
    sequence[from] as number,
    sequence[from + length - 1] as number,
  ];
  const walk = (a: number, b: number) => distances.seconds[a * distances.size + b] as number;
  const a = before === undefined ? start : (placeOf[before] as number);
  const b = behind === undefined ? end : (placeOf[behind] as number);
  const seconds = walk(a, placeOf[first] as number) + (b === null ? 0 : walk(placeOf[last] as number, b) - walk(a, b));
  if (input.order !== "by-system") return { repeats: 0, seconds };
  const differs = (one: number | undefined, other: number | undefined) =>
    one !== undefined && other !== undefined && systemOf[one] !== systemOf[other] ? 1 : 0;
  return { repeats: differs(before, first) + differs(last, behind) - differs(before, behind), seconds };
}

/** From where to where a piece may stand among the rest. */
function roomFor({ precedence: { ancestors } }: WalkProblem, piece: Piece): [number, number] {
  const { sequence, from, length } = piece;
  const isFree = (test: (stop: number) => boolean) => {
    for (let i = from; i < from + length; i++) if (test(sequence[i] as number)) return false;
    return true;
  };
  let least = from;
  while (least > 0 && isFree((stop) => hasBit(ancestors[stop] as Bits, sequence[least - 1] as number))) least--;
  let most = from;
  while (
    most + length < sequence.length &&
    isFree((stop) => hasBit(ancestors[sequence[most + length] as number] as Bits, stop))
  )
    most++;
  return [least, most];
}

/** A few pieces moved at random to where the precedence allows. */
function shaken(problem: WalkProblem, sequence: readonly number[], random: () => number): number[] {
  let now = [...sequence];
  for (let i = 0; i < 3; i++) {
    const from = Math.floor(random() * now.length);
    const lengths = pieceLengths(problem, now, from);
    const piece = { sequence: now, from, length: lengths[Math.floor(random() * lengths.length)] ?? 1 };
    const [least, most] = roomFor(problem, piece);
    now = moved(piece, least + Math.floor(random() * (most - least + 1)));
  }
  return now;
}

/** Whether an order keeps to the precedence and every leg can be walked. */
export function isAllowed(problem: WalkProblem, sequence: readonly number[]): boolean {
  const at = new Map(sequence.map((stop, i) => [stop, i]));
  return (
    sequence.length === problem.placeOf.length &&
    problem.precedence.before.every((list, stop) =>
      list.every((earlier) => (at.get(earlier) ?? Infinity) < (at.get(stop) ?? -1)),
    ) &&
    (secondsUpTo(problem, sequence).at(-1) ?? 0) < Infinity
  );
}
