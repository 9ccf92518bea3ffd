import { workedBoat, type WorkedBoat } from "./boat";
import { Contacts } from "./contacts";
import { controlOf } from "./controls";
import { msPerKn, radPerDeg, toBody, vectorTo, type Force, type Motion, type Point, type Push } from "./frames";
import { kineticJ, motionOf, stepped, type State } from "./integrate";
import { Moorings } from "./moorings";
import type { HandlingAction, HandlingEvent, HandlingInput, TrackRow } from "./schema";

/** Fenders and short lines swing fast: no step is longer than this, s. */
const finestS = 0.025;
const hair = 1e-9;

/** A boat, where she lies and what acts on her; what is done comes later. */
export type ManoeuvreInput = Omit<HandlingInput, "actions" | "until">;

/** A boat in somebody's hands: she goes on in time, takes what is done, and tells what is touched and what comes tight. */
export class Manoeuvre {
  readonly events: HandlingEvent[] = [];
  private seconds = 0;
  private state: State;
  private readonly stream: Point;
  private readonly boat: WorkedBoat;
  private readonly moorings: Moorings;
  private readonly contacts: Contacts;
  private readonly longestS: number;

  /** @param input checked already */
  constructor(private readonly input: ManoeuvreInput) {
    const { start, current, stepS = finestS } = input;
    this.longestS = Math.min(stepS, finestS);
    this.stream = current ? vectorTo(current.toDeg, current.kn * msPerKn) : [0, 0];
    this.boat = workedBoat(input);
    this.moorings = new Moorings(input);
    this.contacts = new Contacts(input, [start.x ?? 0, start.y ?? 0]);
    this.state = startOf(input, this.stream);
    this.look();
  }

  /** s since the beginning */
  get at(): number {
    return this.seconds;
  }
  get motion(): Motion {
    return motionOf(this.state, this.seconds, this.stream);
  }

  /** Goes on until that moment; a moment that has been changes nothing. */
  goTo(to: number): void {
    const from = this.seconds;
    const parts = Math.max(1, Math.ceil((to - from) / this.longestS - hair));
    const dtS = (to - from) / parts;
    for (let part = 1; part <= parts && to > from; part++) {
      this.state = stepped(this.state, this.seconds, dtS, this.stream, this.boat.hull, this.force);
      this.seconds = part === parts ? to : from + part * dtS;
      this.look();
    }
  }

  /**
   * Does something now.
   *
   * @throws InputError for an unknown control, engine, thruster or line, and for a value it does not take
   */
  act(action: Omit<HandlingAction, "at">): void {
    const control = controlOf(this.input, { ...action, at: this.seconds }, "");
    const to = action.to ?? 0;
    if (control.kind === "lever") for (const engine of control.engines) this.boat.lever(engine, this.seconds, to);
    else if (control.kind === "wheel") this.boat.wheel(this.seconds, to);
    else if (control.kind === "thruster") this.boat.thruster(control.thruster, this.seconds, to);
    else this.moorings.work(control.line, action.do ?? "slip");
  }

  /** What a line bears now, N, and what it can. */
  loadOf(line: string): { tensionN: number; strengthN: number } {
    const index = (this.input.lines ?? []).findIndex(({ id }) => id === line);
    return this.moorings.load(index, this.motion);
  }

  /** Where she will be if everything is let go now: levers, wheel and thrusters in the middle, lines as they are. */
  ifLetGo(seconds: number): Motion {
    const { x, y } = this.motion;
    const ghost = new Manoeuvre({ ...this.input, start: { ...this.input.start, x, y } });
    ghost.state = this.state;
    this.moorings.held.forEach((isHeld, at) => {
      if (!isHeld) ghost.moorings.work(at, "slip");
    });
    ghost.goTo(seconds);
    return ghost.motion;
  }

  /** Where she is, how she moves, and what energy is in it. */
  row(): TrackRow {
    const { motion } = this;
    const energyJ =
      kineticJ(this.state, this.boat.hull) + this.moorings.storedJ(motion) + this.contacts.storedJ(motion);
    const deg = motion.heading / radPerDeg;
    const wrapped = ((deg % 360) + 360) % 360;
    return {
      ...{ at: motion.at, x: motion.x, y: motion.y, headingDeg: wrapped === 360 ? 0 : wrapped },
      ...{ u: motion.groundU, v: motion.groundV, r: motion.r / radPerDeg, energyJ },
    };
  }

  private readonly force: Force = (motion) => {
    const sum: Push = { x: 0, y: 0, n: 0 };
    for (const each of this.boat.forces) {
      const push = each(motion);
      sum.x += push.x;
      sum.y += push.y;
      sum.n += push.n;
    }
    this.moorings.push(motion, sum);
    this.contacts.push(motion, sum);
    return sum;
  };

  private look(): void {
    const { motion } = this;
    this.moorings.tell(motion, this.events);
    this.contacts.tell(motion, this.events);
  }
}

/** Where and how she is at first, through the water. */
function startOf({ start }: ManoeuvreInput, stream: Point): State {
  const heading = start.headingDeg * radPerDeg;
  const turned = { sin: Math.sin(heading), cos: Math.cos(heading) };
  const [ahead, starboard] = toBody(turned, stream[0], stream[1]);
  return [start.x ?? 0, start.y ?? 0, heading, (start.speedKn ?? 0) * msPerKn - ahead, -starboard, 0];
}
