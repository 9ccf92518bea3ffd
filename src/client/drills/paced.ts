/** How fast it goes: as the real one, at half the pace, or not at all. */
export type Pace = "usual" | "slow" | "paused";
const factors: Readonly<Record<Pace, number>> = { usual: 1, slow: 0.5, paused: 0 };
/** A page that was away goes on where it was, not where it would be by now. */
const mostStepS = 0.25;

/** Something that goes on with the frames of a page at one of three paces, and is read by it. */
export abstract class Paced {
  pace: Pace = "usual";
  private lastMs: number | null = null;
  private version = 0;
  private readonly listeners = new Set<() => void>();

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly snapshot = (): number => this.version;

  setPace(pace: Pace): void {
    this.pace = pace;
    this.changed();
  }

  /** Goes on with a frame. */
  tick(nowMs: number): void {
    const passedS = this.lastMs === null ? 0 : Math.min(mostStepS, (nowMs - this.lastMs) / 1000);
    this.lastMs = nowMs;
    if (this.pace === "paused" || passedS <= 0) return;
    this.goOn(passedS * factors[this.pace]);
  }

  /** Goes on by so many seconds of its own time. */
  protected abstract goOn(seconds: number): void;

  protected changed(): void {
    this.version++;
    for (const listener of this.listeners) listener();
  }
}
