import type { DrillRunKept } from "@/core/briefing/drilled/run";
import type { Control } from "@/core/drills/control";
import type { Device, Output } from "@/core/drills/device";
import { Drill, type DrillAction, type Told } from "@/core/drills/drill";
import type { HerDrill, HerTask } from "@/core/drills/hers";
import { deviceOf } from "@/core/drills/run";
import { shownSteps, type ShownStep } from "@/core/drills/shows";
import { Paced, type Pace } from "./paced";

/** How long what was looked at stays before one's eyes, s. */
const seenS = 4;
/** So long before a mistake one begins again, s. */
const beforeS = 3;
const mostMistakesKept = 60;

/** What is kept of a run once it is over or given up. */
export type RunMade = Pick<DrillRunKept, "value" | "helped" | "mistakes" | "seconds">;

/** One drill in somebody's hands, for as long as the page is open: it goes on with the frames and can begin anew. */
export class DrillRun extends Paced {
  readonly controls: readonly Control[];
  readonly outputs: readonly { name: string; unit: string }[];
  private drill: Drill;
  private actions: (DrillAction & { at: number })[] = [];
  private seen: { control: string; at: number } | null = null;
  /** mistakes of this run that were gone back from: they were made all the same */
  private goneBackFrom: string[] = [];
  private isHelped = false;
  private isMade = false;
  private steps: readonly ShownStep[] | null = null;
  private stepsDone = 0;
  /** walked away from with the task done: nothing goes on any more */
  isOver = false;

  /**
   * @param fault a fault it is given beforehand: it is practice then
   * @param onMade told of each run that is over, or given up after a mistake
   */
  constructor(
    private readonly hers: HerDrill,
    private readonly task: HerTask,
    private readonly fault: string | null = null,
    private readonly onMade: (run: RunMade) => void = () => undefined,
  ) {
    super();
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
    const faults = [...(this.task.faults ?? []), ...(this.fault === null ? [] : [this.fault])];
    return new Drill(this.device, this.setup, faults, this.task.task);
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
  /** whether it was given a fault: nobody can show that right */
  get hasFault(): boolean {
    return this.fault !== null;
  }
  /** helped, or with a fault: it counts for no clean run */
  get isPractice(): boolean {
    return this.isHelped || this.fault !== null;
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
  /** whether it is being shown, and what was done last */
  get isShown(): boolean {
    return this.steps !== null;
  }
  get shownStep(): ShownStep | null {
    return this.steps?.slice(0, this.stepsDone).findLast(({ do: deed }) => deed !== "release") ?? null;
  }

  protected goOn(seconds: number): void {
    if (this.isOver) return;
    const to = this.drill.at + seconds;
    for (let step = this.steps?.[this.stepsDone]; step && step.at <= to; step = this.steps?.[this.stepsDone]) {
      this.drill.goTo(step.at);
      this.stepsDone++;
      this.do(step);
    }
    if (!this.isOver) this.drill.goTo(to);
    this.changed();
  }

  /** Does something; while it is shown nobody else does. */
  act(action: DrillAction): void {
    if (this.isOver || this.isShown) return;
    this.do(action);
    this.changed();
  }

  private do(action: DrillAction): void {
    this.drill.act(action);
    this.actions.push({ ...action, at: this.drill.at });
    if (action.do === "look" || action.do === "listen")
      this.seen = { control: action.control ?? "", at: this.drill.at };
    if (action.do !== "leave" || !this.drill.isDone) return;
    this.isOver = true;
    this.keep("done");
  }

  override setPace(pace: Pace): void {
    if (pace === "slow") this.isHelped = true;
    super.setPace(pace);
  }

  /** Plays the task right, from the beginning. */
  show(): void {
    this.anew();
    this.isHelped = true;
    this.steps = shownSteps(this.hers.device, this.setup, this.task.task, this.hers.lacks);
    this.changed();
  }

  /** Begins anew, with nothing done. */
  again(): void {
    this.anew();
    this.changed();
  }

  private anew(): void {
    this.giveUp();
    this.drill = this.fresh();
    this.actions = [];
    this.goneBackFrom = [];
    this.seen = null;
    this.steps = null;
    this.stepsDone = 0;
    this.isOver = false;
    this.isMade = false;
    this.isHelped = this.pace === "slow";
  }

  /** Goes back to just before a moment, with everything as it was then and nothing held. The run is practice from there on. */
  goBack(at: number): void {
    const from = Math.max(0, at - beforeS);
    const kept = this.actions.filter((action) => action.at < from);
    this.goneBackFrom.push(...this.drill.mistakes.filter((mistake) => mistake.at >= from).map(({ code }) => code));
    this.drill = this.fresh();
    for (const action of kept) {
      this.drill.goTo(action.at);
      this.drill.act(action);
    }
    this.drill.goTo(from);
    this.actions = [...kept];
    this.seen = null;
    this.isHelped = true;
    this.isOver = false;
    for (const { name, kind } of this.controls) if (kind === "button") this.do({ do: "release", control: name });
    this.changed();
  }

  /** What went wrong in a run that nobody finished is kept all the same. */
  giveUp(): void {
    if (this.goneBackFrom.length + this.drill.mistakes.length > 0) this.keep("given-up");
  }

  private keep(value: RunMade["value"]): void {
    // what was shown is nobody's run, and a run is kept once
    if (this.isShown || this.isMade) return;
    this.isMade = true;
    const mistakes = [...this.goneBackFrom, ...this.drill.mistakes.map(({ code }) => code)];
    this.onMade({
      value,
      helped: this.isPractice,
      mistakes: mistakes.slice(0, mostMistakesKept),
      seconds: Math.round(this.drill.at),
    });
  }
}
