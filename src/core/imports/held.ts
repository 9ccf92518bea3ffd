import type { Instant } from "../basics/instant";

/** A time in which a charter has a yacht, until her turn-round is done. */
export interface Held {
  charterId: string;
  reference: string;
  /** short name of the yacht */
  yacht: string;
  startsAt: Instant;
  freeFrom: Instant;
}

interface Timed {
  held: Held;
  fromMs: number;
  untilMs: number;
}
const timed = (held: Held): Timed => ({
  held,
  fromMs: Date.parse(held.startsAt),
  untilMs: Date.parse(held.freeFrom),
});

/** The charters that have each yacht, and which of them is in the way of another. */
export class HeldDays {
  readonly #byYacht = new Map<string, Timed[]>();

  constructor(held: readonly Held[]) {
    for (const each of held) this.add(each);
  }

  add(held: Held): void {
    const list = this.#byYacht.get(held.yacht);
    if (list) list.push(timed(held));
    else this.#byYacht.set(held.yacht, [timed(held)]);
  }

  /** A charter that has the yacht in some of the same time, as the database tells it: until her turn-round is done. */
  inTheWayOf(wanted: Held): Held | undefined {
    const { fromMs, untilMs } = timed(wanted);
    return this.#byYacht
      .get(wanted.yacht)
      ?.find((other) => other.held.charterId !== wanted.charterId && other.fromMs < untilMs && fromMs < other.untilMs)
      ?.held;
  }
}
