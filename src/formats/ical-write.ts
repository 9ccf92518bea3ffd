import ical, { ICalCalendarMethod, ICalEventStatus } from "ical-generator";
import type { FeedEvent } from "../core/feeds/outgoing";

const ttlSeconds = 15 * 60;

/**
 * A feed as iCalendar (RFC 5545), its times in UTC, so that no change of clocks is told wrong.
 *
 * @param wordsOf what an event is called
 */
export function icalOf(name: string, events: readonly FeedEvent[], wordsOf: (event: FeedEvent) => string): string {
  const calendar = ical({
    name,
    prodId: { company: "brinecove", product: "brinecove" },
    method: ICalCalendarMethod.PUBLISH,
    ttl: ttlSeconds,
  });
  for (const event of events)
    calendar.createEvent({
      id: event.uid,
      sequence: event.sequence,
      start: new Date(event.startsAt),
      end: new Date(event.endsAt),
      stamp: new Date(event.changedAt),
      lastModified: new Date(event.changedAt),
      status: event.isCancelled ? ICalEventStatus.CANCELLED : ICalEventStatus.CONFIRMED,
      summary: wordsOf(event),
    });
  return calendar.toString();
}
