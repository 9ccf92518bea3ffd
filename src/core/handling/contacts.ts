import type { Motion, Point, Push } from "./frames";
import { quay, type QuayAt } from "./quay";
import type { HandlingEvent, HandlingInput } from "./schema";

/** So long she has been clear before a contact is a new one, s; from this speed on she struck, m/s. */
const clearS = 1;
const strikesFromMs = 0.5;

/** The quays around her: how they hold her off, and what is told of it. */
export class Contacts {
  private readonly all: { at: QuayAt; touchedAt: number; touches: boolean }[];

  constructor({ quay: quays = [], boat }: Pick<HandlingInput, "quay" | "boat">, first: Point) {
    this.all = quays.map((points) => ({
      ...{ at: quay(points, boat, first), touchedAt: Number.NEGATIVE_INFINITY, touches: false },
    }));
  }

  push(motion: Motion, sum: Push): void {
    for (const { at } of this.all) {
      const { push } = at(motion);
      sum.x += push.x;
      sum.y += push.y;
      sum.n += push.n;
    }
  }

  storedJ(motion: Motion): number {
    return this.all.reduce((sum, { at }) => sum + at(motion).storedJ, 0);
  }

  /** Tells what is touched anew. */
  tell(motion: Motion, events: HandlingEvent[]): void {
    for (const contact of this.all) {
      const { closingMs } = contact.at(motion);
      const touches = closingMs !== null;
      if (closingMs !== null && !contact.touches && motion.at - contact.touchedAt >= clearS)
        events.push({
          ...{ at: motion.at, code: closingMs < strikesFromMs ? "touch" : "struck" },
          speedMs: Math.max(0, closingMs),
        });
      contact.touches = touches;
      if (touches) contact.touchedAt = motion.at;
    }
  }
}
