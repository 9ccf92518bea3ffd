import type { Motion, Point, Push } from "./frames";
import { closingOf, Quay } from "./quay";
import type { HandlingEvent, HandlingInput } from "./schema";

/** So long she has been clear before a contact is a new one, s; from this speed on she struck, m/s. */
const clearS = 1;
const strikesFromMs = 0.5;

/** The quays around her: how they hold her off, and what is told of it. */
export class Contacts {
  private readonly all: { quay: Quay; touchedAt: number; touches: boolean }[];

  private before: Motion | null = null;

  constructor({ quay: quays = [], boat }: Pick<HandlingInput, "quay" | "boat">, first: Point) {
    this.all = quays.map((points) => ({
      ...{ quay: new Quay(points, boat, first), touchedAt: Number.NEGATIVE_INFINITY, touches: false },
    }));
  }

  push(motion: Motion, sum: Push): void {
    for (const { quay } of this.all) {
      const { push } = quay.at(motion);
      sum.x += push.x;
      sum.y += push.y;
      sum.n += push.n;
    }
  }

  storedJ(motion: Motion): number {
    return this.all.reduce((sum, { quay }) => sum + quay.at(motion).storedJ, 0);
  }

  /** Tells what is touched anew, with the speed it was come at: that of just before, which no fender has slowed yet. */
  tell(motion: Motion, events: HandlingEvent[]): void {
    for (const contact of this.all) {
      const { by } = contact.quay.see(motion);
      if (by && !contact.touches && motion.at - contact.touchedAt >= clearS) {
        const speedMs = Math.max(0, closingOf(this.before ?? motion, by.at, by.out));
        events.push({ at: motion.at, code: speedMs < strikesFromMs ? "touch" : "struck", speedMs });
      }
      contact.touches = by !== null;
      if (by) contact.touchedAt = motion.at;
    }
    this.before = motion;
  }
}
