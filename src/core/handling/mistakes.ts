import { msPerKn, type Motion } from "./frames";

/** What is done wrong at the berth, as the drills tell it. */
export const handlingMistakes = [
  "stern-swung-in",
  "reversed-at-once",
  "thruster-reversed-at-once",
  "thruster-too-long",
  "slipped-under-load",
  "line-near-propeller",
  "too-fast-inside",
  "ran-over-the-ball",
] as const;
export type HandlingMistake = (typeof handlingMistakes)[number];

/** A gearbox wants so long in neutral, a thruster so long at rest, s (general practice). */
const neutralS = 1;
const restS = 2;
/** A thruster that runs longer in one go gets hot, s. */
const burstS = 8;
/** Load from which a line is not slipped, as a share of what it bears. */
const loadShare = 0.12;
/** Faster is too fast beside others, kn. */
const insideKn = 3;
/** A touch so soon after a thruster pushed is its doing, s. */
const afterS = 3;
const neutral = 0.05;

interface Stands {
  /** 1 ahead or to starboard, -1 the other way, 0 neutral */
  way: -1 | 0 | 1;
  since: number;
  before: { way: -1 | 0 | 1; until: number };
}

/** How a manoeuvre was done: what is scored, and what was done wrong, each time it is done. */
export class HandlingWatch {
  readonly mistakes: { at: number; code: HandlingMistake }[] = [];
  /** times a thruster was pushed, and s that they ran in all */
  bursts = 0;
  thrusterS = 0;
  private readonly controls = new Map<string, Stands>();
  private thrustedAt = Number.NEGATIVE_INFINITY;
  private touches = 0;
  private isFast = false;
  private isOverBall = false;
  private readonly long = new Set<string>();
  private last = 0;

  /** A lever or a thruster is put somewhere. */
  set(control: string, to: number, at: number): void {
    const kind = control.split(":")[0];
    if (kind === "wheel") return;
    const way = Math.abs(to) < neutral ? 0 : to > 0 ? 1 : -1;
    const stood = this.controls.get(control) ?? {
      way: 0,
      since: 0,
      before: { way: 0, until: Number.NEGATIVE_INFINITY },
    };
    if (way === stood.way) return;
    const before = stood.way === 0 ? stood.before : { way: stood.way, until: at };
    const isThruster = kind === "thruster";
    if (way !== 0 && before.way === -way && at - before.until < (isThruster ? restS : neutralS))
      this.tell(at, isThruster ? "thruster-reversed-at-once" : "reversed-at-once");
    if (isThruster && way !== 0) this.bursts++;
    this.long.delete(control);
    this.controls.set(control, { way, since: at, before });
  }

  /** A line is slipped, with what it bore; `isAft` where it is made fast abaft midships. */
  slip(at: number, { tensionN, strengthN }: { tensionN: number; strengthN: number }, isAft: boolean): void {
    if (strengthN > 0 && tensionN > loadShare * strengthN) this.tell(at, "slipped-under-load");
    if (isAft && this.turning) this.tell(at, "line-near-propeller");
  }

  /** Time has gone on: how she moves, how often she touched, and whether others are near. */
  goOn({ at, groundU, groundV }: Motion, touches: number, isInside: boolean): void {
    for (const [control, { way, since }] of this.controls) {
      if (!control.startsWith("thruster:") || way === 0) continue;
      this.thrustedAt = at;
      this.thrusterS += at - Math.max(since, this.last);
      if (at - since > burstS && !this.long.has(control)) {
        this.long.add(control);
        this.tell(at, "thruster-too-long");
      }
    }
    if (touches > this.touches && at - this.thrustedAt < afterS) this.tell(at, "stern-swung-in");
    this.touches = touches;
    const isFast = isInside && Math.hypot(groundU, groundV) > insideKn * msPerKn;
    if (isFast && !this.isFast) this.tell(at, "too-fast-inside");
    this.isFast = isFast;
    this.last = at;
  }

  /** Whether the ball lies under her, abaft the bow. */
  ball(at: number, isUnder: boolean): void {
    if (isUnder && !this.isOverBall) this.tell(at, "ran-over-the-ball");
    this.isOverBall = isUnder;
  }

  private get turning(): boolean {
    return [...this.controls].some(([control, { way }]) => !control.startsWith("thruster:") && way !== 0);
  }

  private tell(at: number, code: HandlingMistake): void {
    this.mistakes.push({ at, code });
  }
}
