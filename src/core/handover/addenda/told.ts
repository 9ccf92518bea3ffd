import { isInstant, type Instant } from "../../basics/instant";
import { clockSlackMs } from "../times";
import type { Addendum } from "./addendum";

/** An addendum with when the base received it; null for one that is on the device alone, or was exported without. */
export interface Told {
  addendum: Addendum;
  receivedAt: Instant | null;
}

/**
 * When something was made, as far as that can be: by the clock it was made with, or by its receipt where that clock says
 * no time, one after the receipt, or one before the signature that it comes after.
 *
 * @param signedAt when the record was signed, where it matters
 */
export function believedTime(at: string, receivedAt: Instant, signedAt: Instant | null = null): Instant {
  if (!isInstant(at) || Date.parse(at) > Date.parse(receivedAt) + clockSlackMs) return receivedAt;
  return signedAt !== null && Date.parse(at) <= Date.parse(signedAt) ? receivedAt : at;
}

/** Addenda in the order of their receipt, what the base has not received last, each at a time that can be. */
export function inOrder(told: readonly Told[]): Addendum[] {
  const received = (each: Told) => (each.receivedAt === null ? Infinity : Date.parse(each.receivedAt));
  return [...told]
    .sort((a, b) => received(a) - received(b) || (a.addendum.id < b.addendum.id ? -1 : 1))
    .map(({ addendum, receivedAt }) => (receivedAt === null ? addendum : timed(addendum, receivedAt)));
}

function timed(addendum: Addendum, receivedAt: Instant): Addendum {
  const at = believedTime(addendum.at, receivedAt);
  return addendum.kind === "left-berth"
    ? { ...addendum, at, leftAt: believedTime(addendum.leftAt, receivedAt) }
    : { ...addendum, at };
}
