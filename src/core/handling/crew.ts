/** How fast somebody walks along the deck, m/s, and how long a line takes to be slipped and brought in, s (rules of thumb). */
const walksMs = 1;
const slipS = 2;

interface Hand {
  /** ahead of midships, m */
  at: number;
  freeAt: number;
}

/** The crew on deck: an order is done by whoever can do it first, takes its time, and nobody is in two places. */
export class Crew {
  private readonly hands: Hand[];

  /** @param placesM where each stands at first, m ahead of midships */
  constructor(placesM: readonly number[]) {
    this.hands = placesM.map((at) => ({ at, freeAt: 0 }));
  }

  /** When what is ordered now at a place of the deck will be done, s; null where nobody is there to do it. */
  order(now: number, placeM: number): number | null {
    const doneBy = ({ at, freeAt }: Hand) => Math.max(now, freeAt) + Math.abs(placeM - at) / walksMs + slipS;
    const [hand] = this.hands.toSorted((a, b) => doneBy(a) - doneBy(b));
    if (!hand) return null;
    const doneAt = doneBy(hand);
    hand.at = placeM;
    hand.freeAt = doneAt;
    return doneAt;
  }
}
