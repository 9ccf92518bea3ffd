import { isInstant, type Instant } from "../basics/instant";
import type { Entry } from "./entry";
import { madeAtMs } from "./permit";

/** How far a time may lie after its receipt: what a clock is off by between two exchanges. */
export const clockSlackMs = 10 * 60_000;
/** How far a time may lie before the handover was opened: the zone a device was set to by hand, at most. */
const beforeMs = 24 * 3_600_000;

/** What cannot be about a time that a device wrote down: there is none such, or it lies beyond what the base knows. */
export type TimeFault = "no-such-time" | "after-receipt" | "before-opening";

/**
 * What is wrong with a time, taken by the base's own clock: when it arrived, and when its handover was opened.
 *
 * @param atMs the time in milliseconds, put right by the device's known offset
 */
export function timeFault(atMs: number, openedAt: Instant | null, receivedAt: Instant): TimeFault | null {
  if (Number.isNaN(atMs)) return "no-such-time";
  if (atMs > Date.parse(receivedAt) + clockSlackMs) return "after-receipt";
  return openedAt !== null && atMs < Date.parse(openedAt) - beforeMs ? "before-opening" : null;
}

/** What is wrong with the time of an entry; what was typed in from paper is dated by hand, and may be older. */
export function entryTimeFault(entry: Entry, openedAt: Instant | null, receivedAt: Instant): TimeFault | null {
  if (!isInstant(entry.at)) return "no-such-time";
  const paper = entry.paperAt === undefined ? null : timeFault(Date.parse(entry.paperAt), null, receivedAt);
  return paper ?? timeFault(madeAtMs(entry), openedAt, receivedAt);
}
