/** What a stay needs next from the base. */
export type NextStep =
  | "hold-deposit"
  | "start-check-in"
  | "go-on-check-in"
  | "settle-record"
  | "under-way"
  | "start-check-out"
  | "go-on-check-out"
  | "settle"
  | "clear-up"
  | "settled"
  | "called-off";

interface HandoverFacts {
  /** of the record that stands */
  sealedAt: string | null;
  /** signed records came in of which none stands and nobody has settled what becomes of them */
  isUnsettled: boolean;
}

export interface StayFacts {
  startsAt: string;
  endsAt: string;
  isCalledOff: boolean;
  depositMet: boolean;
  checkIn: HandoverFacts | null;
  checkOut: HandoverFacts | null;
  settledAt: string | null;
  /** of the deposit, now */
  heldMinor: number;
}

/**
 * The one next thing for a stay. A check-out may begin from twelve hours before the end, as yachts come in the evening
 * before.
 *
 * @param now an instant
 */
export function nextStep(stay: StayFacts, now: string): NextStep {
  // a disputed sum keeps the hold open after both have signed
  if (stay.settledAt) return stay.heldMinor > 0 ? "clear-up" : "settled";
  if (stay.checkOut?.sealedAt) return "settle";
  if (stay.checkOut?.isUnsettled) return "settle-record";
  if (stay.checkOut) return "go-on-check-out";
  if (stay.checkIn?.sealedAt)
    return Date.parse(now) >= Date.parse(stay.endsAt) - 12 * 3_600_000 ? "start-check-out" : "under-way";
  if (stay.checkIn?.isUnsettled) return "settle-record";
  // what was signed comes first: a crew that sailed after all is taken back
  if (stay.isCalledOff) return "called-off";
  if (!stay.depositMet) return "hold-deposit";
  return stay.checkIn ? "go-on-check-in" : "start-check-in";
}
