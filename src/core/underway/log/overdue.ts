import { dayIn, instantIn, type Instant } from "../../basics/instant";
import type { LogEntry, Tonight } from "./entry";

/** From this hour of the evening on a crew that has not said where it lies is told, by the base's clock. */
const sayBy = "21:00";

/** Hours after the hour that a crew named itself: it is called, harbours and neighbours are asked, and the rescue service is told. */
export const overdueHours = { call: 1, ask: 3, alarm: 6 } as const;

/** Farther ahead than this nobody is left unmissed: a year typed wrong would leave a crew so for good, hours. */
export const mostAheadHours = 72;

/** How it stands with a boat under way: said and in time, not said yet, or by how much too late. */
export interface Overdue {
  state: "said" | "not-yet" | "not-said" | "late" | "call" | "ask" | "alarm";
  tonight: Tonight | null;
  /** when the next step is due; null where nothing is awaited */
  nextAt: Instant | null;
}

const hourMs = 3_600_000;

/** What was said last, by when it reached the base; a device whose clock is wrong orders nothing. */
export const lastTonight = (log: readonly LogEntry[]): Tonight | null =>
  log.findLast((entry): entry is Tonight => entry.kind === "tonight") ?? null;

/**
 * How it stands with a boat.
 *
 * @param log what reached the base, in the order in which it came
 */
export function overdue(log: readonly LogEntry[], now: Instant, timeZone: string): Overdue {
  const nowMs = Date.parse(now);
  const last = lastTonight(log);
  const tonight = last && Date.parse(last.until) - nowMs <= mostAheadHours * hourMs ? last : null;
  const evening = instantIn(dayIn(now, timeZone), sayBy, timeZone);
  if (!tonight) {
    const isLate = nowMs >= Date.parse(evening);
    return { state: isLate ? "not-said" : "not-yet", tonight: null, nextAt: isLate ? null : evening };
  }
  const untilMs = Date.parse(tonight.until);
  const after = (hours: number) => new Date(untilMs + hours * hourMs).toISOString();
  const lateH = (nowMs - untilMs) / hourMs;
  if (lateH < 0) return { state: "said", tonight, nextAt: tonight.until };
  if (lateH < overdueHours.call) return { state: "late", tonight, nextAt: after(overdueHours.call) };
  if (lateH < overdueHours.ask) return { state: "call", tonight, nextAt: after(overdueHours.ask) };
  if (lateH < overdueHours.alarm) return { state: "ask", tonight, nextAt: after(overdueHours.alarm) };
  return { state: "alarm", tonight, nextAt: null };
}
