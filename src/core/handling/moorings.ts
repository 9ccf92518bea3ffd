import type { Motion, Push } from "./frames";
import { line, strengthOf, type LineAt } from "./line";
import type { HandlingInput, HandlingEvent } from "./schema";

/** So long it has been slack before it is told again that it comes tight, s. */
const slackS = 1;

interface Mooring {
  id: string;
  at: LineAt;
  strengthN: number;
  isFast: boolean;
  isGone: boolean;
  tightAt: number;
  isTight: boolean;
}

/** Her lines: what they pull, and what is told of them. */
export class Moorings {
  private readonly all: Mooring[];

  constructor({ lines = [], boat }: Pick<HandlingInput, "lines" | "boat">) {
    this.all = lines.map((each) => ({
      ...{
        id: each.id,
        at: line(each, boat.displacementKg),
        strengthN: strengthOf(each, boat.displacementKg),
        isFast: true,
        isGone: false,
      },
      ...{ tightAt: Number.NEGATIVE_INFINITY, isTight: false },
    }));
  }

  private get fast(): Mooring[] {
    return this.all.filter(({ isFast, isGone }) => isFast && !isGone);
  }

  /** A line that is gone is not made fast again. */
  work(index: number, deed: "slip" | "make-fast"): void {
    const mooring = this.all[index];
    if (mooring) mooring.isFast = deed === "make-fast";
  }

  push(motion: Motion, sum: Push): void {
    for (const { at, isFast, isGone } of this.all) {
      if (!isFast || isGone) continue;
      const { push } = at(motion);
      sum.x += push.x;
      sum.y += push.y;
      sum.n += push.n;
    }
  }

  /** What a line bears, N, and what it can, by its place in the list; nothing once it is off or gone. */
  load(index: number, motion: Motion): { tensionN: number; strengthN: number } {
    const mooring = this.all[index];
    if (!mooring || !mooring.isFast || mooring.isGone) return { tensionN: 0, strengthN: 0 };
    return { tensionN: mooring.at(motion).tensionN, strengthN: mooring.strengthN };
  }

  /** Which lines hold her still, by their place in the list. */
  get held(): boolean[] {
    return this.all.map(({ isFast, isGone }) => isFast && !isGone);
  }

  storedJ(motion: Motion): number {
    return this.fast.reduce((sum, { at }) => sum + at(motion).storedJ, 0);
  }

  /** Tells what came tight or parted. */
  tell(motion: Motion, events: HandlingEvent[]): void {
    for (const mooring of this.all) {
      if (!mooring.isFast || mooring.isGone) {
        mooring.isTight = false;
        continue;
      }
      const { tensionN, partingMs, isOverStrength } = mooring.at(motion);
      const isTight = tensionN > 0;
      if (isTight && !mooring.isTight && motion.at - mooring.tightAt >= slackS)
        events.push({ at: motion.at, code: "line-taut", speedMs: partingMs, of: mooring.id });
      mooring.isTight = isTight;
      if (isTight) mooring.tightAt = motion.at;
      if (!isOverStrength) continue;
      mooring.isGone = true;
      events.push({ at: motion.at, code: "line-broken", speedMs: partingMs, of: mooring.id });
    }
  }
}
