import ICAL from "ical.js";
import { addDays, instantIn, type Instant } from "../core/basics/instant";

/** An event of a foreign feed that keeps somebody from a yacht. */
export interface ReadEvent {
  /** the same for each time that the event comes again */
  uid: string;
  startsAt: Instant;
  endsAt: Instant;
  words: string;
}

/** What keeps a feed from being read. */
export type IcalFault = "no-calendar" | "endless";

interface Within {
  from: Instant;
  until: Instant;
  /** in which whole days and times without a zone are meant */
  timeZone: string;
}

/** More steps than any rule of a yacht's year takes. */
const mostSteps = 20_000;
const mostEvents = 2000;
const longestWords = 120;

/**
 * The events of an iCalendar file (RFC 5545) that touch a time: those that come again one by one, without those that are
 * cancelled or leave the time free.
 */
export function readIcal(text: string, within: Within): { events: ReadEvent[] } | { fault: IcalFault } {
  let root: ICAL.Component;
  try {
    const parsed: unknown = ICAL.parse(text.replace(/^\uFEFF/, "").trim());
    root = new ICAL.Component(parsed as ConstructorParameters<typeof ICAL.Component>[0]);
  } catch {
    return { fault: "no-calendar" };
  }
  if (root.name !== "vcalendar") return { fault: "no-calendar" };
  const all = root.getAllSubcomponents("vevent");
  const isException = (event: ICAL.Component) => event.hasProperty("recurrence-id");
  const events: ReadEvent[] = [];
  try {
    for (const component of all) {
      const uid = textOf(component, "uid");
      // one that stands for a single time of another is told with it; alone it is one by itself
      if (isException(component) && all.some((each) => !isException(each) && textOf(each, "uid") === uid)) continue;
      const exceptions = all.filter((each) => isException(each) && each !== component && textOf(each, "uid") === uid);
      for (const event of timesOf(component, exceptions, within)) {
        events.push(event);
        if (events.length > mostEvents) return { fault: "endless" };
      }
    }
  } catch (error) {
    // else a date or a rule that is none
    return { fault: error instanceof EndlessError ? "endless" : "no-calendar" };
  }
  return { events: events.sort((a, b) => a.startsAt.localeCompare(b.startsAt) || a.uid.localeCompare(b.uid)) };
}

/** A rule that does not come to the end of the time that is asked for. */
class EndlessError extends Error {}

const textOf = (component: ICAL.Component, property: string): string => {
  const value: unknown = component.getFirstPropertyValue(property);
  return typeof value === "string" ? value : "";
};

const isFree = (component: ICAL.Component): boolean =>
  textOf(component, "status").toUpperCase() === "CANCELLED" ||
  textOf(component, "transp").toUpperCase() === "TRANSPARENT";

function* timesOf(component: ICAL.Component, exceptions: ICAL.Component[], within: Within): Generator<ReadEvent> {
  const event = new ICAL.Event(component, { exceptions, strictExceptions: false });
  const zone = zoneOf(component, within.timeZone);
  if (!event.isRecurring()) {
    const one = readOne(component, event.startDate, event.endDate, zone);
    if (one && touches(one, within)) yield one;
    return;
  }
  const iterator = event.iterator();
  const end = Date.parse(within.until);
  for (let step = 0; step < mostSteps; step++) {
    const next = iterator.next() as ICAL.Time | null;
    if (!next || Date.parse(instantOf(next, zone)) > end) return;
    const { item, startDate, endDate } = event.getOccurrenceDetails(next);
    const one = readOne(item.component, startDate, endDate, zone);
    if (one && touches(one, within)) yield one;
  }
  throw new EndlessError();
}

function readOne(component: ICAL.Component, start: ICAL.Time, end: ICAL.Time | null, zone: string): ReadEvent | null {
  if (isFree(component) || !start) return null;
  const startsAt = instantOf(start, zone);
  const told = end ? instantOf(end, zone) : startsAt;
  // a day without an end lasts that day (RFC 5545, 3.6.1)
  const endsAt = told > startsAt || !start.isDate ? told : instantIn(addDays(dayOf(start), 1), "00:00", zone);
  if (endsAt <= startsAt) return null;
  const words = textOf(component, "summary").replaceAll(/\s+/g, " ").trim().slice(0, longestWords);
  return { uid: textOf(component, "uid").slice(0, 250), startsAt, endsAt, words };
}

const touches = ({ startsAt, endsAt }: ReadEvent, { from, until }: Within) => endsAt > from && startsAt < until;

const two = (figure: number) => String(figure).padStart(2, "0");
const dayOf = ({ year, month, day }: ICAL.Time) => `${String(year).padStart(4, "0")}-${two(month)}-${two(day)}`;

/** The zone by whose clock an event without one of its own, or of a name that the file does not explain, is meant. */
function zoneOf(component: ICAL.Component, timeZone: string): string {
  const named: unknown = component.getFirstProperty("dtstart")?.getFirstParameter("tzid");
  if (typeof named !== "string") return timeZone;
  try {
    new Intl.DateTimeFormat("en-GB", { timeZone: named });
    return named;
  } catch {
    return timeZone;
  }
}

/** The instant of a time of the file: by the zone that the file explains, else by the clock of a place. */
function instantOf(time: ICAL.Time, zone: string): Instant {
  const isFloating = time.isDate || !time.zone || time.zone.tzid === "floating";
  if (!isFloating) return new Date(time.toUnixTime() * 1000).toISOString();
  return instantIn(dayOf(time), time.isDate ? "00:00" : `${two(time.hour)}:${two(time.minute)}`, zone);
}
