import { InputError } from "@/core/basics/calculation";
import { Manoeuvre } from "@/core/handling/manoeuvre";
import type { Motion } from "@/core/handling/frames";
import type { Scene, SetScene } from "@/core/handling/scenes";
import type { HandledBoat, HandlingEvent } from "@/core/handling/schema";
import { Paced } from "../drills/paced";

/** One scene in somebody's hands, for as long as the page is open. */
export class HandlingRun extends Paced {
  readonly scene: SetScene;
  private manoeuvre: Manoeuvre;
  private stands = new Map<string, number>();
  private slipped = new Set<string>();
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

  protected goOn(seconds: number): void {
    this.manoeuvre.goTo(this.manoeuvre.at + seconds);
    if (this.doneAt === null && this.scene.isDone(this.motion, this.fast.length > 0)) this.doneAt = this.at;
    this.changed();
  }

  set(control: string, to: number): void {
    try {
      this.manoeuvre.act({ control, to });
      this.stands.set(control, to);
    } catch (error) {
      // a figure that no lever takes changes nothing
      if (!(error instanceof InputError)) throw error;
    }
    this.changed();
  }

  slip(line: string): void {
    this.manoeuvre.act({ control: `line:${line}`, do: "slip" });
    this.slipped.add(line);
    this.changed();
  }

  again(): void {
    this.manoeuvre = new Manoeuvre(this.scene.input);
    this.stands = new Map();
    this.slipped = new Set();
    this.doneAt = null;
    this.changed();
  }
}
