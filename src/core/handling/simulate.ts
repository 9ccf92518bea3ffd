import { workedBoat, type WorkedBoat } from "./boat";
import { checkInput } from "./check-input";
import { Contacts } from "./contacts";
import { controlOf } from "./controls";
import { msPerKn, radPerDeg, toBody, vectorTo, type Force, type Motion, type Point, type Push } from "./frames";
import { kineticJ, motionOf, stepped, type State } from "./integrate";
import { Moorings } from "./moorings";
import type { Handled, HandlingEvent, HandlingInput, TrackRow } from "./schema";

const usualStepS = 0.05;
/** Fenders and short lines swing fast: inside, no step is longer than this, s. */
const finestS = 0.01;
const rowsEveryS = 0.5;
const hair = 1e-9;

/**
 * How a boat moves: from her start, with what is done, until a moment. Deterministic, in fixed steps.
 *
 * @throws InputError for an unknown control, engine, thruster or line, a value outside its range, an id that stands twice
 */
export function simulate(input: HandlingInput): Handled {
  checkInput(input);
  const { start, current } = input;
  const stream = current ? vectorTo(current.toDeg, current.kn * msPerKn) : ([0, 0] as const);
  const boat = workedBoat(input);
  const first: Point = [start.x ?? 0, start.y ?? 0];
  const moorings = new Moorings(input);
  const contacts = new Contacts(input, first);
  const force: Force = (motion) => {
    const sum: Push = { x: 0, y: 0, n: 0 };
    for (const each of boat.forces) {
      const push = each(motion);
      sum.x += push.x;
      sum.y += push.y;
      sum.n += push.n;
    }
    moorings.push(motion, sum);
    contacts.push(motion, sum);
    return sum;
  };

  const track: TrackRow[] = [];
  const events: HandlingEvent[] = [];
  let state = startOf(input, stream);
  const told = (at: number) => {
    const motion = motionOf(state, at, stream);
    const energyJ = kineticJ(state, boat.hull) + moorings.storedJ(motion) + contacts.storedJ(motion);
    track.push(rowOf(motion, energyJ));
  };
  const look = (at: number) => {
    const motion = motionOf(state, at, stream);
    moorings.tell(motion, events);
    contacts.tell(motion, events);
  };

  const works = worksOf(input, boat, moorings);
  const longestS = Math.min(input.stepS ?? usualStepS, finestS);
  let at = 0;
  look(at);
  for (const { to, isRow } of moments(input)) {
    const parts = Math.max(1, Math.ceil((to - at) / longestS - hair));
    const [from, dtS] = [at, (to - at) / parts];
    for (let part = 1; part <= parts && to > from; part++) {
      state = stepped(state, at, dtS, stream, boat.hull, force);
      at = part === parts ? to : from + part * dtS;
      look(at);
    }
    for (const work of works.get(to) ?? []) work();
    if (isRow) told(at);
  }
  return { track, events };
}

/** Where and how she is at first, through the water. */
function startOf({ start }: HandlingInput, stream: Point): State {
  const heading = start.headingDeg * radPerDeg;
  const turned = { sin: Math.sin(heading), cos: Math.cos(heading) };
  const [ahead, starboard] = toBody(turned, stream[0], stream[1]);
  return [start.x ?? 0, start.y ?? 0, heading, (start.speedKn ?? 0) * msPerKn - ahead, -starboard, 0];
}

/** What is done, by its moment, in the order it is listed. */
function worksOf(input: HandlingInput, boat: WorkedBoat, moorings: Moorings): Map<number, (() => void)[]> {
  const works = new Map<number, (() => void)[]>();
  input.actions.forEach((action, index) => {
    const control = controlOf(input, action, `/actions/${index}`);
    const to = action.to ?? 0;
    const work = () => {
      if (control.kind === "lever") for (const engine of control.engines) boat.lever(engine, action.at, to);
      else if (control.kind === "wheel") boat.wheel(action.at, to);
      else if (control.kind === "thruster") boat.thruster(control.thruster, action.at, to);
      else moorings.work(control.line, action.do ?? "slip");
    };
    works.set(action.at, [...(works.get(action.at) ?? []), work]);
  });
  return works;
}

/** Every moment at which something is done or told, in order: rows at 0, each half second, and the end. */
function moments({ actions, until }: HandlingInput): { to: number; isRow: boolean }[] {
  const rows = new Set<number>([0, until]);
  for (let row = 1; row * rowsEveryS < until; row++) rows.add(row * rowsEveryS);
  const all = new Set([...rows, ...actions.map(({ at }) => at).filter((at) => at <= until)]);
  return [...all].toSorted((a, b) => a - b).map((to) => ({ to, isRow: rows.has(to) }));
}

function rowOf(motion: Motion, energyJ: number): TrackRow {
  const deg = motion.heading / radPerDeg;
  const wrapped = ((deg % 360) + 360) % 360;
  return {
    ...{ at: motion.at, x: motion.x, y: motion.y, headingDeg: wrapped === 360 ? 0 : wrapped },
    ...{ u: motion.groundU, v: motion.groundV, r: motion.r / radPerDeg, energyJ },
  };
}
