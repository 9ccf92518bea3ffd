import { checkInput } from "./check-input";
import { Manoeuvre } from "./manoeuvre";
import type { Handled, HandlingInput, TrackRow } from "./schema";

const rowsEveryS = 0.5;

/**
 * How a boat moves: from her start, with what is done, until a moment. Deterministic, in fixed steps.
 *
 * @throws InputError for an unknown control, engine, thruster or line, a value outside its range, an id that stands twice
 */
export function simulate(input: HandlingInput): Handled {
  checkInput(input);
  const manoeuvre = new Manoeuvre(input);
  const track: TrackRow[] = [];
  for (const { to, isRow } of moments(input)) {
    manoeuvre.goTo(to);
    for (const action of input.actions) if (action.at === to) manoeuvre.act(action);
    if (isRow) track.push(manoeuvre.row());
  }
  return { track, events: manoeuvre.events };
}

/** Every moment at which something is done or told, in order: rows at 0, each half second, and the end. */
function moments({ actions, until }: HandlingInput): { to: number; isRow: boolean }[] {
  const rows = new Set<number>([0, until]);
  for (let row = 1; row * rowsEveryS < until; row++) rows.add(row * rowsEveryS);
  const all = new Set([...rows, ...actions.map(({ at }) => at).filter((at) => at <= until)]);
  return [...all].toSorted((a, b) => a - b).map((to) => ({ to, isRow: rows.has(to) }));
}
