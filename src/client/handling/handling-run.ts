import { InputError } from "@/core/basics/calculation";
import { HandlingWatch, type HandlingMistake } from "@/core/handling/mistakes";
import { Manoeuvre } from "@/core/handling/manoeuvre";
import { Crew } from "@/core/handling/crew";
import { toBody, type Motion } from "@/core/handling/frames";
import type { Scene, SetScene } from "@/core/handling/scenes";
import type { HandledBoat, HandlingEvent } from "@/core/handling/schema";
import { Paced } from "../drills/paced";

/** How far ahead one sees what she does by herself, and how often that is looked at anew, s. */
const ghostS = 6;
const ghostEveryS = 0.5;

/** One scene in somebody's hands, for as long as the page is open. */
export class HandlingRun extends Paced {
  readonly scene: SetScene;
  private manoeuvre: Manoeuvre;
  private stands = new Map<string, number>();
  private slipped = new Set<string>();
  private watch = new HandlingWatch();
  private seenAt = 0;
  private crew: Crew;
  /** lines that somebody is about to slip, and when they will have */
  private ordered = new Map<string, number>();
  /** where she was, every half second */
  trail: Motion[] = [];
  /** where she will be in a few seconds if everything is let go now */
  ghost: Motion | null = null;
  /** s since the beginning when it was done; null before */
  doneAt: number | null = null;

  constructor(
    readonly boat: HandledBoat,
    scene: Scene,
    windKn: number,
  ) {
    super();
    this.scene = scene.set(boat, windKn);
    this.manoeuvre = new Manoeuvre(this.scene.input);
    this.crew = this.freshCrew();
    this.trail.push(this.motion);
  }

  /** Two on deck beside the helm, one at each end. */
  private freshCrew(): Crew {
    const { lengthM } = this.boat;
    return new Crew([0.4 * lengthM, -0.4 * lengthM]);
  }

  get at(): number {
    return this.manoeuvre.at;
  }
  get motion(): Motion {
    return this.manoeuvre.motion;
  }
  get events(): readonly HandlingEvent[] {
    return this.manoeuvre.events;
  }
  /** contacts with quay or others: touched and struck alike */
  get touches(): number {
    return this.events.filter(({ code }) => code === "touch" || code === "struck").length;
  }
  /** lines that are still made fast, by id */
  get fast(): readonly string[] {
    const gone = new Set(this.events.flatMap(({ code, of }) => (code === "line-broken" && of ? [of] : [])));
    return (this.scene.input.lines ?? []).map(({ id }) => id).filter((id) => !this.slipped.has(id) && !gone.has(id));
  }
  /** where a lever, the wheel or a thruster is set to */
  standsAt(control: string): number {
    return this.stands.get(control) ?? 0;
  }

  /** what was done wrong, oldest first */
  get mistakes(): readonly { at: number; code: HandlingMistake }[] {
    return this.watch.mistakes;
  }
  /** how often a thruster was pushed, and s in all */
  get thrust(): { bursts: number; seconds: number } {
    return { bursts: this.watch.bursts, seconds: this.watch.thrusterS };
  }
  /** what a line bears, N */
  loadOf(line: string): number {
    return this.manoeuvre.loadOf(line).tensionN;
  }

  protected goOn(seconds: number): void {
    const to = this.manoeuvre.at + seconds;
    for (const [line, doneAt] of [...this.ordered].toSorted(([, a], [, b]) => a - b)) {
      if (doneAt > to) continue;
      this.manoeuvre.goTo(doneAt);
      this.slipNow(line);
    }
    this.manoeuvre.goTo(to);
    this.watch.goOn(this.motion, this.touches, this.isInside());
    if (this.at - this.seenAt >= ghostEveryS) {
      this.seenAt = this.at;
      this.ghost = this.manoeuvre.ifLetGo(ghostS);
      this.trail.push(this.motion);
      this.watch.ball(this.at, this.isOverBall());
    }
    if (this.doneAt === null && this.scene.isDone(this.motion, this.fast.length > 0)) this.doneAt = this.at;
    this.changed();
  }

  set(control: string, to: number): void {
    try {
      this.manoeuvre.act({ control, to });
      this.stands.set(control, to);
      this.watch.set(control, to, this.at);
    } catch (error) {
      // a figure that no lever takes changes nothing
      if (!(error instanceof InputError)) throw error;
    }
    this.changed();
  }

  private isInside(): boolean {
    const { x, y } = this.motion;
    const nearM = this.boat.lengthM;
    return this.scene.others.some((points) => points.some(([px, py]) => Math.hypot(px - x, py - y) < nearM));
  }

  /** Whether the ball is under her, abaft the bow. */
  private isOverBall(): boolean {
    const { ball } = this.scene;
    if (!ball) return false;
    const { motion, boat } = this;
    const [ahead, side] = toBody(motion, ball[0] - motion.x, ball[1] - motion.y);
    return Math.abs(side) < boat.beamM * 0.4 && Math.abs(ahead) < boat.lengthM * 0.42;
  }

  /** Gives the order to slip a line: whoever is on deck walks there and does it. */
  slip(line: string): void {
    if (this.ordered.has(line) || !this.fast.includes(line)) return;
    const doneAt = this.crew.order(this.at, this.placeOf(line));
    if (doneAt !== null) this.ordered.set(line, doneAt);
    this.changed();
  }

  /** in how many seconds a line will be off that was ordered to be slipped; null for all others */
  offIn(line: string): number | null {
    const doneAt = this.ordered.get(line);
    return doneAt === undefined ? null : Math.max(0, doneAt - this.at);
  }

  private placeOf(line: string): number {
    return (this.scene.input.lines ?? []).find(({ id }) => id === line)?.boatAtM[0] ?? 0;
  }

  private slipNow(line: string): void {
    this.ordered.delete(line);
    this.watch.slip(this.at, this.manoeuvre.loadOf(line), this.placeOf(line) < 0);
    this.manoeuvre.act({ control: `line:${line}`, do: "slip" });
    this.slipped.add(line);
  }

  again(): void {
    this.manoeuvre = new Manoeuvre(this.scene.input);
    this.stands = new Map();
    this.slipped = new Set();
    this.watch = new HandlingWatch();
    this.ghost = null;
    this.seenAt = 0;
    this.crew = this.freshCrew();
    this.ordered = new Map();
    this.trail = [this.motion];
    this.doneAt = null;
    this.changed();
  }
}
