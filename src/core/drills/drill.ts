import { senses, type Control, type Deed, type Value } from "./control";
import type { Condition, Device, Output, Works } from "./device";
import { Panel } from "./panel";

/** Something done at a moment. */
export interface DrillAction {
  do: Deed;
  control?: string | undefined;
  to?: Value | undefined;
}

/** Something that happened by itself, or was done wrong. */
export interface Told {
  at: number;
  code: string;
  side?: string;
}

/** The machine goes on in hundredths of a second: finer than any frame, so that neither the screen’s pace nor the caller’s step changes what happens. */
const ticksPerS = 100;

/** A device in somebody's hands: it goes on in steps, takes what is done to it, and tells what happened and what was done wrong. */
export class Drill {
  readonly events: Told[] = [];
  readonly mistakes: Told[] = [];
  isDone = false;
  private ticks = 0;
  private readonly panel: Panel;
  private readonly works: Works;
  private readonly standing = new Set<Condition>();
  private readonly controls: ReadonlyMap<string, Control>;

  /** @param setup whole, as the device's schema has it */
  constructor(device: Device, setup: object, faults: readonly string[] = [], task: string | null = null) {
    const given = new Set(faults);
    const controls = device.controls(setup);
    this.controls = new Map(controls.map((control) => [control.name, control]));
    this.panel = new Panel(controls, device.first?.(setup, given));
    this.works = device.make({
      ...{ setup, faults: given, task, panel: this.panel },
      tell: {
        event: (code, side) => this.events.push(this.told(code, side)),
        mistake: (code, side) => this.tellOnce(code, side),
      },
    });
    this.judge();
  }

  get at(): number {
    return this.panel.at;
  }

  /** Goes on until that moment, s since the beginning; a moment that has been changes nothing. */
  goTo(at: number): void {
    while (this.panel.at < at) {
      const next = (this.ticks + 1) / ticksPerS;
      const isWhole = next <= at;
      const to = isWhole ? next : at;
      const dtS = to - this.panel.at;
      if (isWhole) this.ticks++;
      this.panel.at = to;
      if (dtS > 0) this.works.step(dtS);
      this.judge();
    }
  }

  /** Does something to it now. What is pressed already is not pressed again, nor set where it stands. */
  act({ do: deed, control = "", to }: DrillAction): void {
    if (deed === "leave") return this.leave();
    this.hear(deed, control, to);
    this.judge();
  }

  /** Every output, and where every control stands. */
  state(): Record<string, Output> {
    return { ...this.panel.snapshot(), ...this.works.outputs() };
  }

  private hear(deed: Deed, name: string, to: Value | undefined): void {
    if (senses.includes(deed)) return this.works.heard?.({ do: deed as "look", control: name });
    if (deed === "press" && this.panel.press(name)) this.works.heard?.({ do: "press", control: name });
    if (deed === "release") {
      const heldS = this.panel.release(name);
      if (heldS !== null) this.works.heard?.({ do: "release", control: name, heldS });
    }
    if (deed === "set" && to !== undefined) {
      const control = this.controls.get(name);
      const from = control?.kind === "number" ? this.panel.number(name) : this.panel.word(name);
      if (from === to && !(control?.kind === "number" && control.everySetCounts)) return;
      this.panel.put(name, to);
      this.works.heard?.({ do: "set", control: name, from, to });
    }
  }

  private leave(): void {
    for (const { code, side, when } of this.works.leaving) if (when()) this.tellOnce(code, side);
    this.judge();
  }

  private judge(): void {
    for (const condition of this.works.conditions) {
      const isSo = condition.when();
      if (isSo && !this.standing.has(condition)) this.tellOnce(condition.code, condition.side);
      if (isSo) this.standing.add(condition);
      else this.standing.delete(condition);
    }
    this.isDone ||= this.works.goal();
  }

  /** Tells a mistake, where it is not one that still lasts. */
  private tellOnce(code: string, side: string | undefined): void {
    for (const lasting of this.standing) if (lasting.code === code && lasting.side === side) return;
    this.mistakes.push(this.told(code, side));
  }

  private told(code: string, side: string | undefined): Told {
    const at = Math.round(this.panel.at * 1e6) / 1e6;
    return side === undefined ? { at, code } : { at, code, side };
  }
}
