import { outlineOf } from "../handling/outline";
import { placeOf, radPerDeg, type Point } from "../handling/frames";
import { Manoeuvre } from "../handling/manoeuvre";
import type { Human } from "./human";
import { fromQuayM } from "./lie";
import { roomBetween } from "./room";
import type { BerthingInput, Spoilt } from "./schema";
import type { Given, Put, Standing, Step } from "./way";

/** How often somebody looks, s. */
const looksEveryS = 0.5;
/** Farther from everything than this, m, the room is not measured. */
const nearM = 40;

/** What came of one trial. */
export interface Tried {
  spoilt: Spoilt | null;
  roomM: number;
  seconds: number;
  /** where she was, every half second */
  track: { x: number; y: number; headingDeg: number }[];
}

/** Plays a manoeuvre once, as one human would. */
export function tryOnce(given: Given, steps: readonly Step[], human: Human, current: BerthingInput["current"]): Tried {
  const trial = new Trial(given, human, current);
  for (const step of steps) if (!trial.play(step)) break;
  return trial.result();
}

class Trial {
  private readonly manoeuvre: Manoeuvre;
  private readonly outline: Point[];
  private readonly track: Tried["track"] = [];
  private readonly fast: Set<string>;
  private roomM = nearM;
  private spoilt: Spoilt | null = null;

  constructor(
    private readonly given: Given,
    private readonly human: Human,
    current: BerthingInput["current"],
  ) {
    const { lain, wind } = given;
    this.outline = outlineOf(lain.boat);
    this.fast = new Set(lain.lines.map(({ id }) => id));
    this.manoeuvre = new Manoeuvre({
      ...{ boat: lain.boat, start: lain.start, quay: [lain.quay], lines: lain.lines },
      wind: { fromDeg: wind.fromDeg, kn: wind.kn * human.wind },
      ...(current ? { current } : {}),
    });
    this.look();
  }

  /** One step to its end; false where the manoeuvre is over. */
  play({ orders, put = {}, follow, until, mostS }: Step): boolean {
    const begun = this.manoeuvre.at;
    this.goOn(this.human.delayS);
    for (const { code, line } of orders) if (code === "slip" && line !== undefined) this.slip(line);
    this.put(put);
    const from = this.manoeuvre.at;
    while (!this.spoilt) {
      const standing = this.standing(from);
      if (until(standing)) return true;
      if (this.manoeuvre.at - begun > mostS + this.human.delayS) break;
      if (follow) this.put(follow(standing));
      this.goOn(looksEveryS);
    }
    // what was to turn or move her may have come short: the next step is tried all the same
    return !this.spoilt;
  }

  result(): Tried {
    const isClear = this.fast.size === 0 && this.standing(0).fromQuayM >= this.given.lain.clearM;
    this.spoilt ??= isClear ? null : "not-clear";
    return { spoilt: this.spoilt, roomM: this.roomM, seconds: this.manoeuvre.at, track: this.track };
  }

  private standing(from: number): Standing {
    const { motion } = this.manoeuvre;
    const { lain } = this.given;
    return {
      seconds: this.manoeuvre.at - from,
      motion,
      turnedDeg: motion.heading / radPerDeg - lain.start.headingDeg,
      fromQuayM: fromQuayM(lain, motion.x, motion.y, motion.heading),
    };
  }

  private slip(line: string): void {
    if (this.fast.delete(line)) this.manoeuvre.act({ control: `line:${line}`, do: "slip" });
  }

  private put(put: Put): void {
    for (const [control, meant] of Object.entries(put)) {
      const to =
        control === "wheel" ? meant + this.human.wheelDeg : control === "lever" ? meant * this.human.lever : meant;
      const most = control === "wheel" ? 40 : 1;
      this.manoeuvre.act({ control, to: Math.max(-most, Math.min(most, to)) });
    }
  }

  private goOn(seconds: number): void {
    const to = this.manoeuvre.at + seconds;
    while (this.manoeuvre.at < to - 1e-9 && !this.spoilt) {
      this.manoeuvre.goTo(Math.min(to, this.manoeuvre.at + looksEveryS));
      this.look();
    }
  }

  private look(): void {
    const { motion, events } = this.manoeuvre;
    this.track.push({ x: motion.x, y: motion.y, headingDeg: motion.heading / radPerDeg });
    const hull = this.outline.map((point) => placeOf(motion, point));
    for (const other of this.given.lain.others) this.roomM = Math.min(this.roomM, roomBetween(hull, other));
    if (this.roomM === 0) this.spoilt = "touched-other";
    else if (events.some(({ code }) => code === "struck")) this.spoilt = "struck-quay";
    else if (events.some(({ code }) => code === "line-broken")) this.spoilt = "line-broken";
  }
}
