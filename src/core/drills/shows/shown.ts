import type { Value } from "../control";
import type { DrillAction } from "../drill";

/** One thing done in a device that is played right, and the mistake that is avoided by it. */
export interface ShownStep extends DrillAction {
  at: number;
  avoids?: string;
}

/** How a task is played right, s by s; every step is of a control she has. */
export class Shown {
  readonly steps: ShownStep[] = [];
  private at = 0.5;

  /** @param lacks controls she has not got: nothing is done to them */
  constructor(private readonly lacks: ReadonlySet<string> = new Set()) {}

  private add(action: DrillAction, thenS: number, avoids?: string): this {
    const isHers = !this.lacks.has((action.control ?? "").split(":")[0] ?? "");
    if (!isHers) return this;
    this.steps.push({ ...action, at: this.at, ...(avoids === undefined ? {} : { avoids }) });
    return this.wait(thenS);
  }
  /** Lets time pass. */
  wait(seconds: number): this {
    // whole hundredths: the machine's own steps
    this.at = Math.round((this.at + seconds) * 100) / 100;
    return this;
  }
  set(control: string, to: Value, avoids?: string): this {
    return this.add({ do: "set", control, to }, 1.5, avoids);
  }
  look(control: string, avoids?: string): this {
    return this.add({ do: "look", control }, 2, avoids);
  }
  listen(control: string, avoids?: string): this {
    return this.add({ do: "listen", control }, 2, avoids);
  }
  /** Holds a button so long, s. */
  hold(control: string, seconds: number, avoids?: string): this {
    return this.add({ do: "press", control }, seconds, avoids).add({ do: "release", control }, 1);
  }
  /** Presses a button for a moment. */
  tap(control: string, avoids?: string): this {
    return this.hold(control, 0.3, avoids);
  }
  /** Holds several buttons together so long, s. */
  together(controls: readonly string[], seconds: number, avoids?: string): this {
    for (const control of controls) this.add({ do: "press", control }, 0, avoids);
    this.wait(seconds);
    for (const control of controls) this.add({ do: "release", control }, 0);
    return this.wait(1);
  }
  leave(): this {
    return this.add({ do: "leave" }, 0);
  }
}
