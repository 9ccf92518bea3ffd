import { v7 as uuid } from "uuid";
import { demoBase } from "@/testing/demo-base";
import { now } from "../clock";
import { addHours } from "@/core/basics/instant";
import { addCrewList } from "../db/crew";
import { findStay } from "../db/charters";
import { addStudyAnswer } from "../db/study";
import { bookLinkFor } from "../auth/book-link";
import { callOff } from "./call-off";
import { calendarView } from "./calendar";
import { closeFor } from "./closings";
import { comingView, noteOfComing } from "./coming";
import { move } from "./move";

const base = demoBase("coming");
const office = () => base.person("Odile Varn");
const stayOf = async (reference: string) => {
  const stay = await base.inBase((db) => findStay(db, { reference }));
  if (!stay) throw new Error(`no ${reference}`);
  return stay;
};
const rowOf = async (reference: string) =>
  (await base.inBase(comingView)).rows.find((row) => row.reference === reference);

describe("the guests of the week to come", () => {
  it("are those who were not handed over and do come, with what is known of each", async () => {
    const { rows } = await base.inBase(comingView);
    const references = rows.map(({ reference }) => reference);
    expect(references).toContain("BR-1058");
    // Pale Heron's charter under way was handed over
    expect(references).not.toContain("BR-1052");
    const day = 24 * 3_600_000;
    for (const { startsAt } of rows) expect(Date.parse(startsAt) - Date.parse(now())).toBeLessThan(8 * day);
    const { stayId } = await stayOf("BR-1060");
    await base.inBase(async (db) =>
      callOff(db, stayId, { onNumber: 0, to: "cancelled", why: "ill", told: "" }, await office()),
    );
    expect(await rowOf("BR-1060")).toBeUndefined();
  });

  it("move on as the book is sent and opened, names come in and the hour is noted", async () => {
    const { charterId, stayId, aboard } = await stayOf("BR-1058");
    await base.asOwner("delete from session where charter_id = $1", [charterId]).catch(() => undefined);
    await base.inBase((db) => bookLinkFor(db, charterId));
    await base.inBase((db) => addCrewList(db, stayId, [], null, now()));
    const before = await rowOf("BR-1058");
    expect(before).toMatchObject({ linkAt: expect.any(String) as string, crew: 0, onNumber: 0 });
    expect(before?.ready.reasons).toContainEqual({ code: "crew-missing", count: aboard });
    const names = Array.from({ length: aboard }, (_, index) => ({ name: `Crew ${index}`, weightKg: 70 }));
    await base.inBase((db) => addCrewList(db, stayId, names, null, now()));
    const by = await office();
    const note = (given: object) =>
      base.inBase((db) =>
        noteOfComing(db, charterId, { onNumber: 0, arrives: "14:30", papersSeen: false, ...given }, by),
      );
    await note({});
    // on what somebody has noted meanwhile nothing is written over
    await expect(note({ papersSeen: true })).rejects.toMatchObject({ code: "charter-changed" });
    await note({ onNumber: 1, papersSeen: true });
    const row = await rowOf("BR-1058");
    expect(row).toMatchObject({ crew: aboard, arrives: "14:30", papersSeen: true, onNumber: 2 });
    const codes = row?.ready.reasons.map(({ code }) => code);
    for (const code of ["crew-missing", "no-arrival", "no-papers"]) expect(codes).not.toContain(code);
    await expect(
      base.inBase((db) => noteOfComing(db, stayId, { onNumber: 0, arrives: null, papersSeen: true }, by)),
    ).rejects.toMatchObject({ code: "no-such-charter" });
  });

  it("tell what they asked in the study, each once, the last one last", async () => {
    const stay = await stayOf("BR-1065");
    const ask = (value: string) =>
      base.inBase((db) =>
        addStudyAnswer(
          db,
          stay,
          { v: 1, id: uuid(), at: now(), revision: 1, about: "question", topic: null, value },
          "a".repeat(64),
          now(),
        ),
      );
    for (const words of ["Is there a second gas bottle?", "Which side does she kick?", "Is there a second gas bottle?"])
      await ask(words);
    expect((await rowOf("BR-1065"))?.asked.slice(-2)).toEqual([
      "Is there a second gas bottle?",
      "Which side does she kick?",
    ]);
  });

  it("of two who note at once, one does", async () => {
    const { charterId } = await stayOf("BR-1059");
    const by = await office();
    const both = await Promise.allSettled(
      ["10:00", "11:00"].map((arrives) =>
        base.inBase((db) => noteOfComing(db, charterId, { onNumber: 0, arrives, papersSeen: true }, by)),
      ),
    );
    expect(both.map(({ status }) => status).sort()).toEqual(["fulfilled", "rejected"]);
  });
});

describe("the calendar", () => {
  it("begins on a Monday, and shows each charter with how far it has come", async () => {
    const view = await base.inBase((db) => calendarView(db, {}));
    expect(new Date(`${view.from}T00:00:00Z`).getUTCDay()).toBe(1);
    expect(view.weeks).toBe(17);
    const states = Object.fromEntries(
      view.stays.map(({ reference, state, isBegun }) => [reference, { state, isBegun }]),
    );
    expect(states["BR-1052"]).toEqual({ state: "out", isBegun: true });
    expect(states["BR-1058"]).toMatchObject({ state: "to-come" });
    expect(states["BR-1060"]).toBeUndefined();
    expect(view.yachts.find(({ slug }) => slug === "pale-heron")).toMatchObject({ name: "Pale Heron", berth: "A4" });
  });

  it("takes days and weeks that are none for the usual ones", async () => {
    const usual = await base.inBase((db) => calendarView(db, {}));
    const odd = await base.inBase((db) => calendarView(db, { from: "2027-02-31", weeks: "1000000" }));
    expect([odd.from, odd.weeks]).toEqual([usual.from, usual.weeks]);
    expect((await base.inBase((db) => calendarView(db, { from: "2027-06-16", weeks: "26" }))).from).toBe("2027-06-14");
  });

  it("shows what runs out by what was read last, and days in which a yacht is closed", async () => {
    const years = await base.asOwner<{ date: string; yacht: string }>(
      `select e.content #>> '{value,date}' as date, y.slug as yacht from entry e join handover h on h.id = e.handover_id
       join standing_seal l on l.handover_id = h.id join yacht y on y.id = h.yacht_id
       where e.aspect = 'reading' and e.content #> '{value,date}' is not null order by 1 desc limit 1`,
    );
    const [last] = years;
    if (!last) throw new Error("the demo has read no date");
    const view = await base.inBase((db) => calendarView(db, { from: `${last.date.slice(0, 7)}-01`, weeks: "26" }));
    expect(view.due.map(({ yacht, day }) => `${yacht} ${day.slice(0, 7)}`)).toContain(
      `${last.yacht} ${last.date.slice(0, 7)}`,
    );
    const by = await office();
    const week = { fromDay: "2027-11-01", outAt: "08:00", toDay: "2027-11-05", backAt: "17:00" };
    const { id } = await base.inBase((db) =>
      closeFor(db, { yacht: "gannet-rock", ...week, kind: "service", words: "keel bolts" }, by),
    );
    const november = await base.inBase((db) => calendarView(db, { from: "2027-11-01" }));
    expect(november.closings).toMatchObject([{ id, yacht: "gannet-rock", words: "keel bolts", by: "Odile Varn" }]);
  });

  it("moves a charter with its people, on what was seen", async () => {
    const stay = await stayOf("BR-1065");
    const by = await office();
    const later = (days: number) => addHours(stay.startsAt, days * 24).slice(0, 10);
    const given = {
      yacht: "gannet-rock",
      fromDay: later(60),
      outAt: "16:00",
      toDay: later(67),
      backAt: "09:00",
      onNumber: 0,
      why: "their flight",
      told: "",
    };
    await base.inBase((db) => move(db, stay.stayId, given, by));
    const moved = await stayOf("BR-1065");
    expect(moved).toMatchObject({
      skipperId: stay.skipperId,
      chartererId: stay.chartererId,
      aboard: stay.aboard,
      yachtSlug: "gannet-rock",
    });
    expect(moved.startsAt.slice(0, 10)).toBe(later(60));
    await expect(base.inBase((db) => move(db, stay.stayId, given, by))).rejects.toMatchObject({
      code: "charter-same",
    });
    await expect(base.inBase((db) => move(db, stay.stayId, { ...given, backAt: "10:00" }, by))).rejects.toMatchObject({
      code: "charter-changed",
    });
  });
});
