/** What is needed of a stay to tell whether its people have this yacht in hand. */
export interface StayInCharter {
  calledOff: string | null;
  handovers: readonly { kind: string; sealedAt: string | null }[];
}

/**
 * Of a charter's stays, in order, the one that its people have in hand: the first that has not come back, or else the
 * last one that took place. Null where there are none.
 */
export function stayInHand<T extends StayInCharter>(stays: readonly T[]): T | null {
  const standing = stays.filter(({ calledOff }) => calledOff === null);
  const isBack = ({ handovers }: T) =>
    handovers.some(({ kind, sealedAt }) => kind === "check-out" && sealedAt !== null);
  return standing.find((stay) => !isBack(stay)) ?? standing.at(-1) ?? stays[0] ?? null;
}
