import type { Instant } from "../basics/instant";

/** Why a charter does not take place. */
export const calledOffs = ["cancelled", "no-show"] as const;
export type CalledOff = (typeof calledOffs)[number];

/** What calling off goes by. */
export interface CallOffFacts {
  startsAt: Instant;
  calledOff: CalledOff | null;
  /** whether a check-in was signed */
  isHandedOver: boolean;
  /** which of the charter's yachts it is about; the first where it is not said */
  part?: number;
}

/**
 * What keeps a charter from being called off, or from taking place after all.
 *
 * @param to how it stands then; null where it takes place after all
 * @param now an instant
 */
export function callOffFault(
  { startsAt, calledOff, isHandedOver, part = 1 }: CallOffFacts,
  to: CalledOff | null,
  now: Instant,
): "same" | "handed-over" | "not-due-yet" | "other-yacht" | null {
  if (to === calledOff) return "same";
  if (to !== null && isHandedOver) return "handed-over";
  // what followed the first yacht and was called off is agreed anew: her days are others' by now
  if (to === null && part > 1) return "other-yacht";
  return to === "no-show" && Date.parse(now) < Date.parse(startsAt) ? "not-due-yet" : null;
}
