import { v7 as uuid } from "uuid";
import { demoBase } from "@/testing/demo-base";
import { findStay } from "../db/charters";
import { yachtFileAt, findYacht } from "../db/yachts";
import { callsOf } from "../db/calls";
import { todayView } from "../desk/today";
import { openHere } from "../handover/open-here";
import { callHistoryOf } from "../history/calls";
import { takeLogEntries } from "../items/log-entries";
import { answerNote, openNotes } from "../yacht/notes";
import { draftView } from "../yacht/draft";
import { noteCallOf } from "./note-call";
import { oddityFromCallOf } from "./oddity-from-call";
import { toldTroubles } from "../trouble/told-troubles";

const base = demoBase("aftercall");
const crew = "BR-1052";
const year = "2026-06-13T00:00:00.000Z";
const stayOf = async () => (await base.inBase((db) => findStay(db, { reference: crew })))!;
const personId = async (name: string) =>
  ((await base.asOwner(`select id from person where name like '${name}%'`)) as { id: string }[])[0]!.id;
const begun = uuid();
const entry = (more: object) => ({
  ...{ v: 1, id: uuid(), yacht: "pale-heron", at: "2027-06-12T07:30:00.000Z" },
  ...more,
});
/** tells a trouble whose breaker had tripped, up to a call */
const tellTrouble = async (id: string) => {
  const { charterId } = await stayOf();
  const answers = await base.inBase((db) =>
    takeLogEntries(db, charterId, [
      { ...entry({ kind: "trouble", fault: "windlass-dead" }), id },
      entry({ kind: "trouble-answer", trouble: id, about: "look", check: "breaker", said: "is", basis: [] }),
      entry({ kind: "trouble-answer", trouble: id, about: "tried", check: "breaker", said: "works", basis: [] }),
      entry({
        ...{ kind: "trouble-call", trouble: id, urgency: "today", persons: 4, words: "Sallow Pool" },
        saidAt: "2027-06-11T22:00:00.000Z",
      }),
    ]),
  );
  expect(answers.map(({ status }) => status)).toEqual(Array(4).fill("kept"));
};
const calls = async () => {
  const { underWay, rows } = await base.inBase((db) => todayView(db));
  return [...underWay, ...rows].find(({ stay }) => stay.reference === crew)?.tells?.calls ?? [];
};

beforeAll(async () => tellTrouble(begun));

it("an answer belongs to the stop that takes the fault up, and is offered at the next call with the same finding", async () => {
  const { stayId } = await stayOf();
  const ilko = await personId("Ilko");
  expect((await calls())[0]).toMatchObject({ reference: crew, earlier: [] });
  await base.inBase((db) =>
    noteCallOf(db, stayId, { topic: null, words: "Once, after five minutes.", trouble: begun }, ilko),
  );
  const file = (await base.inBase((db) => findYacht(db, { slug: "pale-heron" })))!.file;
  const [noted] = await base.inBase((db) => callsOf(db, stayId));
  expect(file.stops[noted!.topic!]?.system).toBe("anchoring");
  const again = uuid();
  await tellTrouble(again);
  expect((await calls()).find(({ trouble }) => trouble === again)?.earlier).toEqual([
    { at: expect.anything(), words: "Once, after five minutes.", yacht: "Pale Heron" },
  ]);
});

describe("an oddity proposed from a call", () => {
  const propose = async (words: string, trouble = begun) => {
    const { stayId } = await stayOf();
    const maro = await personId("Maro");
    return base.inBase((db) => oddityFromCallOf(db, stayId, trouble, words, maro));
  };
  const waiting = async () =>
    (await base.inBase((db) => openNotes(db, "pale-heron"))).filter(({ note }) => note.kind === "odd");

  it("waits once at her page, at the fitting that it was, by whomever and however often it is tapped", async () => {
    await Promise.all([propose("The breaker trips against wind."), propose("The breaker trips against wind.")]);
    await propose(" The breaker trips against wind. ");
    const [one, ...more] = await waiting();
    expect(more).toEqual([]);
    const file = (await base.inBase((db) => findYacht(db, { slug: "pale-heron" })))!.file;
    const fitting = one!.note.about!.key;
    expect(one).toMatchObject({
      note: { name: "The windlass does nothing", system: "anchoring", place: file.fittings[fitting]!.place },
      by: expect.stringMatching(/^Maro/),
      edits: [{ path: `/oddities/${fitting}-odd`, to: { words: { en: "The breaker trips against wind." }, fitting } }],
    });
  });

  it("is her oddity once it is accepted, and a crew that told of nothing proposes nothing", async () => {
    const [one] = await waiting();
    const senna = await personId("Senna");
    await base.inBase((db) => answerNote(db, "pale-heron", one!.note.id, "taken-over", "", senna));
    const { document } = await base.inBase((db) => draftView(db, { of: "yachts", slug: "pale-heron" }));
    expect(Object.values(document.oddities).map(({ words }) => words.en)).toContain("The breaker trips against wind.");
    await expect(propose("x", uuid())).rejects.toMatchObject({ code: "no-such-trouble" });
  });
});

it("what crews called about counts a trouble once, under its topic, with what was briefed", async () => {
  const { stayId } = await stayOf();
  const maro = await personId("Maro");
  const before = await base.inBase((db) => callHistoryOf(db, "pale-heron", year));
  const file = (await base.inBase((db) => findYacht(db, { slug: "pale-heron" })))!.file;
  const stop = Object.keys(file.stops)[0]!;
  await base.inBase((db) => noteCallOf(db, stayId, { topic: stop, words: "How does it open?" }, maro));
  const after = await base.inBase((db) => callHistoryOf(db, "pale-heron", year));
  // two troubles of this file's crew, and the note; the answer to a trouble is no call
  expect([before.calls, after.calls]).toEqual([2, 3]);
  expect(after.charters).toBeGreaterThan(0);
  expect(after.perHundred).toBeCloseTo((3 / after.charters) * 100);
  // 22:00 UTC is 22:00 at the base in its summer
  expect(after.byHours[5]).toBe(2);
  expect(after.byTopic.map(({ calls: times }) => times).toSorted()).toEqual([1, 2]);
  expect(await base.inBase((db) => callHistoryOf(db, "quillback", year))).toMatchObject({ calls: 0 });
});

it("what a crew told is known at the check-out, in both languages, with what it was and the answer", async () => {
  const { stayId, yachtId } = await stayOf();
  const ilko = await personId("Ilko");
  const { bundle } = await base.inBase((db) => openHere(db, stayId, "check-out", ilko));
  expect(bundle.troubles).toHaveLength(2);
  expect(bundle.troubles?.[0]).toMatchObject({
    title: { en: "The windlass does nothing", de: expect.stringMatching(/Ankerwinde|Ankerwinsch/) },
    found: { en: expect.stringMatching(/tripped/), de: expect.stringMatching(/\S/) },
    outcome: null,
    said: ["Sallow Pool"],
    answer: "Once, after five minutes.",
  });
  const file = await base.inBase((db) => yachtFileAt(db, yachtId, bundle.list.yacht.revision));
  const gone = await base.inBase((db) => toldTroubles(db, stayId, { ...file!, fittings: {} }));
  expect(gone[0]).toMatchObject({ title: { en: "windlass-dead" }, found: null });
});
