import { InputError } from "@/core/basics/calculation";
import { Manoeuvre } from "@/core/handling/manoeuvre";
import type { Motion } from "@/core/handling/frames";
import type { Scene, SetScene } from "@/core/handling/scenes";
import type { HandledBoat, HandlingEvent } from "@/core/handling/schema";

/** How fast it goes: as the real one, at half the pace, or not at all. */
export type Pace = "usual" | "slow" | "paused";
const factors: Readonly<Record<Pace, number>> = { usual: 1, slow: 0.5, paused: 0 };
/** A page that was away goes on where it was, not where it would be by now. */
const mostStepS = 0.25;

/** One scene in somebody's hands, for as long as the page is open. */
export class HandlingRun {
  readonly scene: SetScene;
  private manoeuvre: Manoeuvre;
  private lastMs: number | null = null;
  private version = 0;
  private readonly listeners = new Set<() => void>();
  private stands = new Map<string, number>();
  private slipped = new Set<string>();
  pace: Pace = "usual";
  /** s since the beginning when it was done; null before */
  doneAt: number | null = null;

  constructor(
    readonly boat: HandledBoat,
    scene: Scene,
    windKn: number,
  ) {
    this.scene = scene.set(boat, windKn);
    this.manoeuvre = new Manoeuvre(this.scene.input);
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly snapshot = (): number => this.version;
  private changed(): void {
    this.version++;
    for (const listener of this.listeners) listener();
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

  /** Goes on with a frame. */
  tick(nowMs: number): void {
    const passedS = this.lastMs === null ? 0 : Math.min(mostStepS, (nowMs - this.lastMs) / 1000);
    this.lastMs = nowMs;
    if (this.pace === "paused" || passedS <= 0) return;
    this.manoeuvre.goTo(this.manoeuvre.at + passedS * factors[this.pace]);
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

  setPace(pace: Pace): void {
    this.pace = pace;
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
