import type { Control } from "@/core/drills/control";
import type { Device, Output } from "@/core/drills/device";
import { Drill, type DrillAction, type Told } from "@/core/drills/drill";
import type { HerDrill, HerTask } from "@/core/drills/from-file";
import { deviceOf } from "@/core/drills/run";

/** How fast it goes: as the real one, at half the pace, or not at all. */
export type Pace = "usual" | "slow" | "paused";
const factors: Readonly<Record<Pace, number>> = { usual: 1, slow: 0.5, paused: 0 };
/** A page that was away goes on where it was, not where it would be by now. */
const mostStepS = 0.25;
/** How long what was looked at stays before one's eyes, s. */
const seenS = 4;
/** So long before a mistake one begins again, s. */
const beforeS = 3;

/** One drill in somebody's hands, for as long as the page is open: it goes on with the frames and can begin anew. */
export class DrillRun {
  readonly controls: readonly Control[];
  readonly outputs: readonly { name: string; unit: string }[];
  private drill: Drill;
  private actions: (DrillAction & { at: number })[] = [];
  private lastMs: number | null = null;
  private version = 0;
  private seen: { control: string; at: number } | null = null;
  private readonly listeners = new Set<() => void>();
  pace: Pace = "usual";

  constructor(
    private readonly hers: HerDrill,
    private readonly task: HerTask,
  ) {
    const { device, setup } = this;
    // what she has not got is not shown
    const hasIt = ({ name }: { name: string }) => !hers.lacks.includes(name.split(":")[0] ?? name);
    this.controls = device.controls(setup).filter(hasIt);
    this.outputs = device.outputs(setup).filter(hasIt);
    this.drill = this.fresh();
  }

  private get device(): Device {
    return deviceOf(this.hers.device);
  }
  private get setup(): object {
    return { ...this.device.setup.usual, ...this.hers.setup, ...this.task.setup };
  }
  private fresh(): Drill {
    return new Drill(this.device, this.setup, this.task.faults, this.task.task);
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
    return this.drill.at;
  }
  get state(): Record<string, Output> {
    return this.drill.state();
  }
  get isDone(): boolean {
    return this.drill.isDone;
  }
  get mistakes(): readonly Told[] {
    return this.drill.mistakes;
  }
  /** events and mistakes, newest first */
  get told(): (Told & { isMistake: boolean })[] {
    return [
      ...this.drill.events.map((event) => ({ ...event, isMistake: false })),
      ...this.drill.mistakes.map((mistake) => ({ ...mistake, isMistake: true })),
    ].toSorted((a, b) => b.at - a.at);
  }
  /** what somebody looks at just now */
  get looksAt(): string | null {
    return this.seen && this.drill.at - this.seen.at < seenS ? this.seen.control : null;
  }

  /** Goes on with a frame. */
  tick(nowMs: number): void {
    const passedS = this.lastMs === null ? 0 : Math.min(mostStepS, (nowMs - this.lastMs) / 1000);
    this.lastMs = nowMs;
    if (this.pace === "paused" || passedS <= 0) return;
    this.drill.goTo(this.drill.at + passedS * factors[this.pace]);
    this.changed();
  }

  act(action: DrillAction): void {
    this.drill.act(action);
    this.actions.push({ ...action, at: this.drill.at });
    if (action.do === "look" || action.do === "listen")
      this.seen = { control: action.control ?? "", at: this.drill.at };
    this.changed();
  }

  setPace(pace: Pace): void {
    this.pace = pace;
    this.changed();
  }

  /** Begins anew, from the beginning or from just before a moment, with everything as it was then and nothing held. */
  again(at = 0): void {
    const from = Math.max(0, at - beforeS);
    const kept = this.actions.filter((action) => action.at < from);
    this.drill = this.fresh();
    for (const action of kept) {
      this.drill.goTo(action.at);
      this.drill.act(action);
    }
    this.drill.goTo(from);
    const buttons = this.controls.filter(({ kind }) => kind === "button");
    this.actions = [...kept];
    this.seen = null;
    for (const { name } of buttons) this.act({ do: "release", control: name });
  }
}
