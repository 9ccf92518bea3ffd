import { InputError } from "@/core/basics/calculation";
import { HandlingWatch, type HandlingMistake } from "@/core/handling/mistakes";
import { Manoeuvre } from "@/core/handling/manoeuvre";
import type { Motion } from "@/core/handling/frames";
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
    this.manoeuvre.goTo(this.manoeuvre.at + seconds);
    this.watch.goOn(this.motion, this.touches, this.isInside());
    if (this.at - this.seenAt >= ghostEveryS) {
      this.seenAt = this.at;
      this.ghost = this.manoeuvre.ifLetGo(ghostS);
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

  slip(line: string): void {
    const isAft = (this.scene.input.lines ?? []).some(({ id, boatAtM: [ahead] }) => id === line && ahead < 0);
    this.watch.slip(this.at, this.manoeuvre.loadOf(line), isAft);
    this.manoeuvre.act({ control: `line:${line}`, do: "slip" });
    this.slipped.add(line);
    this.changed();
  }

  again(): void {
    this.manoeuvre = new Manoeuvre(this.scene.input);
    this.stands = new Map();
    this.slipped = new Set();
    this.watch = new HandlingWatch();
    this.ghost = null;
    this.seenAt = 0;
    this.doneAt = null;
    this.changed();
  }
}
