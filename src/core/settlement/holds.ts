/** What happened to a deposit, as far as the reckoning needs it. */
export interface DepositMove {
  kind: "held" | "declined" | "timed-out" | "captured" | "released";
  amountMinor: number;
  currency: string;
  /** the request it was made with */
  key: string;
  reference: string | null;
  /** of what was taken or given back: the request of the hold it came out of; null on moves of before, and by hand */
  holdKey: string | null;
}

/** One hold of a deposit, with what is left of it. */
export interface Hold {
  key: string;
  reference: string | null;
  currency: string;
  amountMinor: number;
  leftMinor: number;
}

/** What is to be taken out of a hold, or given back from it. */
export interface HoldMove {
  action: "capture" | "release";
  hold: Hold;
  amountMinor: number;
}

/**
 * Every hold of a deposit with what is left of it, in the order they were made. A move that names no hold came out of
 * the first that had something left.
 *
 * @param moves what happened, in order; amounts in minor units
 */
export function holdsOf(moves: readonly DepositMove[]): Hold[] {
  const holds: Hold[] = [];
  for (const { kind, key, reference, currency, amountMinor, holdKey } of moves) {
    if (kind === "held") holds.push({ key, reference, currency, amountMinor, leftMinor: amountMinor });
    if (kind !== "captured" && kind !== "released") continue;
    let open = amountMinor;
    for (const hold of holdKey === null ? holds : holds.filter((each) => each.key === holdKey)) {
      const out = Math.min(open, hold.leftMinor);
      hold.leftMinor -= out;
      open -= out;
    }
  }
  return holds;
}

/** What is held in all, in minor units. */
export const heldMinor = (holds: readonly Hold[]): number => holds.reduce((sum, { leftMinor }) => sum + leftMinor, 0);

/**
 * Spreads what is to be taken and what is to be given back over the holds: taking comes first, from the first hold on,
 * so that as few holds as can be are captured. More than is held is neither taken nor given back.
 *
 * @param sums minor units, not negative
 */
export function spreadOverHolds(
  holds: readonly Hold[],
  sums: { captureMinor: number; releaseMinor: number },
): HoldMove[] {
  const left = new Map(holds.map((hold) => [hold.key, hold.leftMinor]));
  const moves: HoldMove[] = [];
  for (const [action, wantedMinor] of [
    ["capture", sums.captureMinor],
    ["release", sums.releaseMinor],
  ] as const) {
    let open = wantedMinor;
    for (const hold of holds) {
      const amountMinor = Math.min(open, left.get(hold.key) ?? 0);
      if (amountMinor <= 0) continue;
      moves.push({ action, hold, amountMinor });
      left.set(hold.key, (left.get(hold.key) ?? 0) - amountMinor);
      open -= amountMinor;
    }
  }
  return moves;
}
