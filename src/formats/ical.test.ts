import { parseICS } from "node-ical";
import { feedEvents } from "../core/feeds/outgoing";
import { icalOf } from "./ical-write";
import { readIcal } from "./ical-read";

const azores = "Atlantic/Azores";
const within = { from: "2027-05-01T00:00:00.000Z", until: "2028-05-01T00:00:00.000Z", timeZone: azores };
const wrapped = (...lines: string[]) =>
  ["BEGIN:VCALENDAR", "VERSION:2.0", "PRODID:-//x//y//EN", ...lines, "END:VCALENDAR"].join("\r\n");
const event = (...lines: string[]) =>
  wrapped("BEGIN:VEVENT", "UID:one@x", "DTSTAMP:20270101T000000Z", ...lines, "END:VEVENT");
const read = (text: string, change = {}) => {
  const found = readIcal(text, { ...within, ...change });
  if ("fault" in found) return found.fault;
  return found.events.map(({ startsAt, endsAt, words }) => [startsAt, endsAt, words].join(" "));
};

describe("a foreign feed", () => {
  it("tells times in UTC, and lines that are folded", () => {
    expect(
      read(
        event("DTSTART:20270703T170000Z", "DTEND:20270710T090000Z", "SUMMARY:A very lo", " ng name\\, with a comma"),
      ),
    ).toEqual(["2027-07-03T17:00:00.000Z 2027-07-10T09:00:00.000Z A very long name, with a comma"]);
  });

  it("tells times without a zone by the base's clock", () => {
    // the Azores keep an hour less than UTC in winter
    expect(read(event("DTSTART:20271204T170000", "DTEND:20271211T090000"))).toEqual([
      "2027-12-04T18:00:00.000Z 2027-12-11T10:00:00.000Z ",
    ]);
  });

  it("tells whole days from midnight to midnight, the last one not with it; a day alone is that day", () => {
    expect(read(event("DTSTART;VALUE=DATE:20271204", "DTEND;VALUE=DATE:20271206"))).toEqual([
      "2027-12-04T01:00:00.000Z 2027-12-06T01:00:00.000Z ",
    ]);
    expect(read(event("DTSTART;VALUE=DATE:20270704"))).toEqual(["2027-07-04T00:00:00.000Z 2027-07-05T00:00:00.000Z "]);
  });

  it("tells times in a zone that is named, or that the file explains", () => {
    // Lisbon is an hour before UTC in summer
    expect(read(event("DTSTART;TZID=Europe/Lisbon:20270703T170000", "DURATION:P7D"))).toEqual([
      "2027-07-03T16:00:00.000Z 2027-07-10T16:00:00.000Z ",
    ]);
    const own = wrapped(
      "BEGIN:VTIMEZONE",
      "TZID:Quay Time",
      "BEGIN:STANDARD",
      "DTSTART:19700101T000000",
      "TZOFFSETFROM:+0300",
      "TZOFFSETTO:+0300",
      "END:STANDARD",
      "END:VTIMEZONE",
      "BEGIN:VEVENT",
      "UID:a",
      "DTSTART;TZID=Quay Time:20270703T170000",
      "DTEND;TZID=Quay Time:20270703T200000",
      "END:VEVENT",
    );
    expect(read(own)).toEqual(["2027-07-03T14:00:00.000Z 2027-07-03T17:00:00.000Z "]);
    expect(read(event("DTSTART;TZID=Nowhere/Land:20270703T170000", "DTEND;TZID=Nowhere/Land:20270703T200000"))).toEqual(
      ["2027-07-03T17:00:00.000Z 2027-07-03T20:00:00.000Z "],
    );
  });

  it("tells each time that comes again, by the clock of its place, with what was left out or moved", () => {
    const text = wrapped(
      "BEGIN:VEVENT",
      "UID:w",
      "DTSTART;TZID=Atlantic/Azores:20271018T080000",
      "DTEND;TZID=Atlantic/Azores:20271018T170000",
      "RRULE:FREQ=WEEKLY;COUNT=4",
      "EXDATE;TZID=Atlantic/Azores:20271025T080000",
      "SUMMARY:Service",
      "END:VEVENT",
      "BEGIN:VEVENT",
      "UID:w",
      "RECURRENCE-ID;TZID=Atlantic/Azores:20271101T080000",
      "DTSTART;TZID=Atlantic/Azores:20271102T100000",
      "DTEND;TZID=Atlantic/Azores:20271102T120000",
      "SUMMARY:Moved",
      "END:VEVENT",
    );
    // the clocks go back on 31 October
    expect(read(text)).toEqual([
      "2027-10-18T08:00:00.000Z 2027-10-18T17:00:00.000Z Service",
      "2027-11-02T11:00:00.000Z 2027-11-02T13:00:00.000Z Moved",
      "2027-11-08T09:00:00.000Z 2027-11-08T18:00:00.000Z Service",
    ]);
  });

  it("leaves out what is cancelled, leaves the time free, or lies elsewhere in time", () => {
    const times = ["DTSTART:20270703T170000Z", "DTEND:20270710T090000Z"];
    expect(read(event(...times, "STATUS:CANCELLED"))).toEqual([]);
    expect(read(event(...times, "TRANSP:TRANSPARENT"))).toEqual([]);
    expect(read(event("DTSTART:20260703T170000Z", "DTEND:20260710T090000Z"))).toEqual([]);
    expect(read(event("DTSTART:20270703T170000Z"))).toEqual([]);
    const one = wrapped("BEGIN:VEVENT", "UID:w", "RECURRENCE-ID:20270703T170000Z", ...times, "END:VEVENT");
    expect(read(one)).toHaveLength(1);
  });

  it("has an end, whatever its rules say", () => {
    const begun = Date.now();
    const times = ["DTSTART:20200101T000000Z", "DTEND:20200101T000001Z"];
    expect(read(event(...times, "RRULE:FREQ=SECONDLY"))).toBe("endless");
    expect(read(event("DTSTART:20270601T000000Z", "DTEND:20270601T000001Z", "RRULE:FREQ=MINUTELY"))).toBe("endless");
    // a day that never comes: whatever is made of it, it ends
    expect(Array.isArray(read(event(...times, "RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30")))).toBe(true);
    expect(Date.now() - begun).toBeLessThan(30_000);
  });

  it("is none where it is something else", () => {
    for (const text of [
      "",
      "<html></html>",
      "BEGIN:VCALENDAR",
      "BEGIN:VEVENT\r\nEND:VEVENT",
      "BEGIN:VCARD\r\nEND:VCARD",
    ])
      expect([text, read(text)]).toEqual([text, "no-calendar"]);
    expect(read(wrapped())).toEqual([]);
    expect(read(event("DTSTART:tomorrow", "DTEND:20270710T090000Z"))).toBe("no-calendar");
  });
});

describe("a feed of ours", () => {
  const charter = {
    id: "c1",
    reference: "BR-1",
    yacht: "Pale Heron",
    skipper: "Tove, of the Marns",
    startsAt: "2027-10-30T17:00:00.000Z",
    endsAt: "2027-11-06T10:00:00.000Z",
    isCalledOff: false,
    changes: 2,
    changedAt: "2027-06-12T10:12:00.000Z",
    hasLeft: false,
  };
  const closing = {
    id: "k1",
    yacht: "Quillback",
    kind: "service" as const,
    startsAt: "2027-07-05T08:00:00.000Z",
    endsAt: "2027-07-06T17:00:00.000Z",
    at: "2027-06-01T08:00:00.000Z",
    takenOffAt: null,
  };
  const written = (withNames: boolean, change = {}, off: string | null = null) =>
    icalOf(
      "Brinecove",
      feedEvents({ charters: [{ ...charter, ...change }], closings: [{ ...closing, takenOffAt: off }] }, { withNames }),
      ({ yacht, what }) =>
        what.kind === "charter" ? [yacht, what.reference, what.skipper].join(" ") : `${yacht} ${what.kind}`,
    );

  it("is read again as what it tells", () => {
    expect(read(written(true))).toEqual([
      "2027-07-05T08:00:00.000Z 2027-07-06T17:00:00.000Z Quillback service",
      "2027-10-30T17:00:00.000Z 2027-11-06T10:00:00.000Z Pale Heron BR-1 Tove, of the Marns",
    ]);
  });

  it("tells each change under the same uid with a higher sequence, and what does not take place as cancelled", () => {
    const lines = written(false).split("\r\n");
    expect(lines).toEqual(
      expect.arrayContaining([
        "UID:charter-c1@brinecove",
        "SEQUENCE:2",
        "DTSTART:20271030T170000Z",
        "DTEND:20271106T100000Z",
        "DTSTAMP:20270612T101200Z",
        "STATUS:CONFIRMED",
        "METHOD:PUBLISH",
      ]),
    );
    expect(written(false)).not.toContain("Tove");
    expect(read(written(false, { isCalledOff: true }))).toHaveLength(1);
    expect(read(written(false, { hasLeft: true }, "2027-06-11T08:00:00.000Z"))).toEqual([]);
    expect(written(false, {}, "2027-06-11T08:00:00.000Z")).toMatch(
      /UID:closing-k1@brinecove[\s\S]*SEQUENCE:1[\s\S]*STATUS:CANCELLED/,
    );
  });

  it("is read by a second reader alike, its long lines too", () => {
    const text = written(true, { skipper: "Ø".repeat(200) });
    for (const line of text.split("\r\n")) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
    const found = parseICS(text)["charter-c1@brinecove"];
    expect(found).toMatchObject({
      type: "VEVENT",
      sequence: 2,
      status: "CONFIRMED",
      summary: `Pale Heron BR-1 ${"Ø".repeat(200)}`,
    });
    if (found?.type !== "VEVENT") throw new Error("no event");
    expect([found.start.toISOString(), found.end?.toISOString()]).toEqual([charter.startsAt, charter.endsAt]);
  });
});
