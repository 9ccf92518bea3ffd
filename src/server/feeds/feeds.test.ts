import { createServer, type RequestListener, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { readIcal } from "@/formats/ical-read";
import { demoBase } from "@/testing/demo-base";
import { callOff } from "../charters/call-off";
import { calendarView } from "../charters/calendar";
import { closeFor, openAgain } from "../charters/closings";
import { move } from "../charters/move";
import { findStay } from "../db/charters";
import { changesOf } from "../db/charter-entries";
import { elsewhereIn } from "./elsewhere";
import { feedAddress, fetchFeed } from "./fetch-feed";
import { readNow, readWhereDue, subscribe, unsubscribe } from "./foreign";
import { calendarOf, endOwn, feedsView, makeOwn } from "./own";

const base = demoBase("feeds");
const office = () => base.person("Odile Varn");
const make = async (yacht: string | null, withNames = false) => {
  const by = await office();
  const { id, path } = await base.inBase((db) =>
    makeOwn(db, { kind: yacht === null ? "base" : "yacht", yacht, withNames }, by),
  );
  return { id, secret: path.split("/")[3] ?? "" };
};
const textOf = async (secret: string) => (await calendarOf(secret)).text();
/** The events of a feed by their uid, each as its lines. */
const eventsOf = async (secret: string) =>
  new Map(
    (await textOf(secret))
      .replaceAll("\r\n ", "")
      .split("BEGIN:VEVENT")
      .slice(1)
      .map((event) => [/UID:(.*)\r/.exec(event)?.[1] ?? "", event]),
  );
const stayOf = async (reference: string) => {
  const stay = await base.inBase((db) => findStay(db, { reference }));
  if (!stay) throw new Error(`no ${reference}`);
  return stay;
};

describe("a calendar of ours", () => {
  it("tells the charters of the base, or of one yacht, with names or without", async () => {
    const [whole, heron] = [await make(null, true), await make("pale-heron")];
    expect(await textOf(whole.secret)).toContain("Jory Fenn");
    const of = await textOf(heron.secret);
    expect(of).toContain("SUMMARY:Pale Heron · BR-1058");
    expect(of).not.toMatch(/Jory|Quillback/);
    const { feeds } = await base.inBase(feedsView);
    expect(feeds.map(({ kind, yacht, withNames, readAt }) => [kind, yacht, withNames, readAt !== null])).toEqual(
      expect.arrayContaining([
        ["base", null, true, true],
        ["yacht", "Pale Heron", false, true],
      ]),
    );
  });

  it("is nobody's without the address, nor once it is ended", async () => {
    const { id, secret } = await make(null);
    await expect(calendarOf("a".repeat(43))).rejects.toMatchObject({ code: "no-such-feed", status: 404 });
    await base.inBase((db) => endOwn(db, id));
    await expect(calendarOf(secret)).rejects.toMatchObject({ code: "no-such-feed" });
    await expect(base.inBase((db) => endOwn(db, id))).rejects.toMatchObject({ code: "no-such-feed" });
    // what is kept of an address opens nothing
    expect(JSON.stringify(await base.asOwner("select * from calendar_feed"))).not.toContain(secret);
  });

  it("tells a move, a yacht that was left and what is called off under the same uid, each time with a higher sequence", async () => {
    const by = await office();
    const { charterId, stayId } = await stayOf("BR-1066");
    const uid = `charter-${charterId}@brinecove`;
    const [whole, heron] = [await make(null), await make((await stayOf("BR-1066")).yachtSlug)];
    const told = async (secret: string) => {
      const event = (await eventsOf(secret)).get(uid) ?? "";
      return [/SEQUENCE:(\d+)/.exec(event)?.[1], /STATUS:(\w+)/.exec(event)?.[1], /DTSTART:(\w+)/.exec(event)?.[1]];
    };
    expect((await told(whole.secret)).slice(0, 2)).toEqual(["0", "CONFIRMED"]);
    const days = { fromDay: "2027-10-30", outAt: "17:00", toDay: "2027-11-06", backAt: "09:00" };
    const onNumber = async () => (await base.inBase((db) => changesOf(db, charterId))).length;
    await base.inBase((db) =>
      move(db, stayId, { yacht: "quillback", ...days, onNumber: 0, why: "asked", told: "" }, by),
    );
    // the clocks of the Azores go back on 31 October: five in the afternoon of the 30th is at UTC still
    expect(await told(whole.secret)).toEqual(["1", "CONFIRMED", "20271030T170000Z"]);
    expect((await eventsOf(whole.secret)).get(uid)).toContain("DTEND:20271106T100000Z");
    expect((await told(heron.secret)).slice(0, 2)).toEqual(["1", "CANCELLED"]);
    const number = await onNumber();
    await base.inBase((db) => callOff(db, stayId, { onNumber: number, to: "cancelled", why: "ill", told: "" }, by));
    expect((await told(whole.secret)).slice(0, 2)).toEqual(["2", "CANCELLED"]);
  });

  it("tells closed days, and that they are open again", async () => {
    const by = await office();
    const { secret } = await make("cold-harbour");
    const days = { fromDay: "2027-10-04", outAt: "08:00", toDay: "2027-10-05", backAt: "17:00" };
    const { id } = await base.inBase((db) =>
      closeFor(db, { yacht: "cold-harbour", ...days, kind: "service", words: "" }, by),
    );
    const uid = `closing-${id}@brinecove`;
    expect((await eventsOf(secret)).get(uid)).toMatch(
      /SEQUENCE:0[\s\S]*SUMMARY:Cold Harbour · Service[\s\S]*STATUS:CONFIRMED/,
    );
    await base.inBase((db) => openAgain(db, id));
    expect((await eventsOf(secret)).get(uid)).toMatch(/SEQUENCE:1[\s\S]*STATUS:CANCELLED/);
  });
});

describe("a calendar of others", () => {
  let server: Server;
  let answer: RequestListener;
  const address = () => `http://127.0.0.1:${(server.address() as AddressInfo).port}/heron.ics?key=secret`;
  const calendar = (...events: string[]) =>
    ["BEGIN:VCALENDAR", "VERSION:2.0", "PRODID:-//agency//EN", ...events, "END:VCALENDAR"].join("\r\n");
  const event = (uid: string, from: string, until: string, ...more: string[]) =>
    [
      "BEGIN:VEVENT",
      `UID:${uid}`,
      `DTSTART:${from}`,
      `DTEND:${until}`,
      "SUMMARY:Held by us",
      ...more,
      "END:VEVENT",
    ].join("\r\n");
  const says = (text: string) => {
    answer = (_request, response) => response.end(text);
  };
  beforeAll(async () => {
    process.env.BRINECOVE_FEEDS_FROM_NEAR = "yes";
    server = createServer((request, response) => answer(request, response));
    await new Promise<void>((done) => server.listen(0, "127.0.0.1", done));
  });
  afterAll(async () => {
    delete process.env.BRINECOVE_FEEDS_FROM_NEAR;
    server.closeAllConnections();
    await new Promise((done) => server.close(done));
  });
  const add = async (yacht: string) => {
    const by = await office();
    return (await base.inBase((db) => subscribe(db, { yacht, name: "Agency", address: address() }, by))).id;
  };
  const shown = async () => (await base.inBase((db) => calendarView(db, { from: "2027-06-07" }))).elsewhere;

  it("stands in the calendar as promised elsewhere, with the charters that it meets", async () => {
    const id = await add("pale-heron");
    const { startsAt } = await stayOf("BR-1058");
    const meets = new Date(Date.parse(startsAt) + 3_600_000).toISOString().replaceAll(/[-:]|\.000/g, "");
    says(
      calendar(
        event("a@x", "20270901T120000Z", "20270908T090000Z"),
        event("b@x", meets, "20270612T235900Z"),
        event("charter-1@brinecove", "20270801T120000Z", "20270808T090000Z"),
      ),
    );
    expect(await readNow(base.baseId, id)).toEqual({ events: 2 });
    const found = await shown();
    expect(found.find(({ startsAt: from }) => from.startsWith("2027-09-01"))).toMatchObject({
      yacht: "pale-heron",
      feed: "Agency",
      words: "Held by us",
      meets: [],
    });
    expect(found.find(({ meets: ours }) => ours.length > 0)?.meets).toContain("BR-1058");
    const { foreign } = await base.inBase(feedsView);
    // of its address the host alone is shown
    expect(foreign).toEqual([
      expect.objectContaining({ name: "Agency", yacht: "Pale Heron", fault: null, promised: 2 }),
    ]);
    expect(JSON.stringify(foreign)).not.toContain("secret");
    // told beside the days of a charter that is about to be agreed
    const days = { fromDay: "2027-09-07", outAt: "17:00", toDay: "2027-09-11", backAt: "09:00" };
    const beside = (yacht: string, toDay = days.toDay) =>
      base.inBase((db) => elsewhereIn(db, { yacht, ...days, toDay }));
    expect((await beside("pale-heron")).elsewhere).toMatchObject([{ feed: "Agency" }]);
    expect([(await beside("quillback")).elsewhere, (await beside("pale-heron", "2027-09-01")).elsewhere]).toEqual([
      [],
      [],
    ]);
    // the same once more, and less
    says(calendar(event("a@x", "20270901T120000Z", "20270908T090000Z", "STATUS:CANCELLED")));
    expect(await readNow(base.baseId, id)).toEqual({ events: 0 });
    expect(await shown()).toEqual([]);
    await base.inBase((db) => unsubscribe(db, id));
    await expect(readNow(base.baseId, id)).rejects.toMatchObject({ code: "no-such-feed" });
  });

  it("keeps what it told where it cannot be read, and says why", async () => {
    const id = await add("quillback");
    says(calendar(event("a@x", "20270901T120000Z", "20270908T090000Z")));
    await readNow(base.baseId, id);
    const faults: [string, RequestListener][] = [
      ["feed-no-calendar", (_request, response) => response.end("<html>sign in</html>")],
      ["feed-refused", (_request, response) => response.writeHead(404).end()],
      ["feed-away", (_request, response) => response.writeHead(503).end()],
      ["feed-away", (_request, response) => response.destroy()],
      ["feed-redirects", (_request, response) => response.writeHead(302, { location: "/again" }).end()],
      [
        "feed-address",
        (_request, response) => response.writeHead(302, { location: "ftp://elsewhere.example/x" }).end(),
      ],
      [
        "feed-endless",
        (_request, response) =>
          response.end(calendar(event("a@x", "20200901T120000Z", "20200901T120001Z", "RRULE:FREQ=SECONDLY"))),
      ],
      [
        "feed-too-large",
        (_request, response) => {
          // twenty megabytes, as long as somebody takes them
          let sent = 0;
          const more = () => {
            while (sent++ < 200)
              if (!response.write(Buffer.alloc(100_000, 32))) return void response.once("drain", more);
            response.end();
          };
          more();
        },
      ],
    ];
    for (const [code, fault] of faults) {
      answer = fault;
      await expect(readNow(base.baseId, id)).rejects.toMatchObject({ code });
      expect((await base.inBase(feedsView)).foreign[0]).toMatchObject({ fault: code, promised: 1 });
    }
    expect(await shown()).toHaveLength(1);
  });

  it("is given up where it takes too long", async () => {
    answer = () => undefined;
    const begun = Date.now();
    await expect(fetchFeed(address())).rejects.toMatchObject({ code: "feed-slow" });
    expect(Date.now() - begun).toBeLessThan(20_000);
  });

  it("is read by itself once an hour, by one of several processes", async () => {
    let asked = 0;
    answer = (_request, response) => {
      asked++;
      response.end(calendar());
    };
    await base.asOwner("update foreign_feed set asked_at = null where ended_at is null");
    await Promise.all([readWhereDue(base.baseId), readWhereDue(base.baseId)]);
    await readWhereDue(base.baseId);
    expect(asked).toBe(1);
    expect((await base.inBase(feedsView)).foreign[0]).toMatchObject({ fault: null, promised: 0 });
  });
});

describe("an address of a calendar", () => {
  it("lies in the open internet: nobody reads the house's own machines through us", async () => {
    expect(feedAddress("webcal://agency.example/a.ics").href).toBe("https://agency.example/a.ics");
    for (const text of [
      "ftp://agency.example/x",
      "file:///etc/passwd",
      "no address",
      "http://127.0.0.1/x",
      "http://[::1]/x",
      "https://10.1.2.3/x",
      "http://169.254.169.254/latest",
      "http://[::ffff:192.168.1.1]/",
      "http://0x7f000001/",
    ])
      expect(() => feedAddress(text)).toThrow(expect.objectContaining({ code: "feed-address" }));
    // a name that leads to the house
    await expect(fetchFeed("http://localhost:1/x")).rejects.toMatchObject({ code: "feed-address" });
  });
});

it("what we write we read", async () => {
  const { secret } = await make(null);
  const within = { from: "2027-01-01T00:00:00.000Z", until: "2029-01-01T00:00:00.000Z", timeZone: "Atlantic/Azores" };
  const found = readIcal(await textOf(secret), within);
  expect("events" in found && found.events.length).toBeGreaterThan(5);
});
