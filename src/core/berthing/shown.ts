import type { Point } from "../handling/frames";
import { reckonBerthing } from "./plan";
import type { BerthingInput, BerthingPlan } from "./schema";
import type { Tried } from "./trial";

/** A plan as it is drawn: what stands around her, and how each manoeuvre goes without an error, and at its worst. */
export interface ShownBerthing {
  plan: BerthingPlan;
  quay: readonly Point[];
  others: readonly (readonly Point[])[];
  quaySide: 1 | 0 | -1;
  tracks: { way: string; usual: Tried["track"]; worst: Tried["track"] }[];
}

/**
 * A plan with what is drawn of it.
 *
 * @param told called after each manoeuvre, with how many of how many are done
 * @throws InputError for a berth that she does not fit in
 */
export function shownBerthing(input: BerthingInput, told?: (done: number, of: number) => void): ShownBerthing {
  const { plan, given, tried } = reckonBerthing(input, told);
  return {
    plan,
    ...{ quay: given.lain.quay, others: given.lain.others, quaySide: given.lain.quaySide },
    tracks: tried.map(({ way, trials }) => {
      const [usual] = trials;
      const [worst] = trials.toSorted((a, b) => rank(a) - rank(b));
      return { way, usual: usual?.track ?? [], worst: worst?.track ?? [] };
    }),
  };
}

/** Spoilt ones first, then those with the least room. */
const rank = ({ spoilt, roomM }: Tried): number => (spoilt === null ? 1000 : 0) + roomM;
