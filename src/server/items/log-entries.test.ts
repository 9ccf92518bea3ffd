import { v7 as uuid } from "uuid";
import { demoBase } from "@/testing/demo-base";
import { boatBook } from "../book/boat-book";
import { boatLogOf } from "../db/boat-log";
import { findStay } from "../db/charters";
import { todayView } from "../desk/today";
import { heldOfGuest } from "../db/private";
import { openDefects } from "../db/defects";
import { orderFromCallOf } from "../calls/order-from-call";
import { noteCallOf } from "../calls/note-call";
import { takeLogEntries } from "./log-entries";

const base = demoBase("boatlog");
const stayOf = async (reference: string) => {
  const stay = await base.inBase((db) => findStay(db, { reference }));
  if (!stay) throw new Error(`no ${reference}`);
  return stay;
};
const entry = (more: object = { kind: "note", words: "whales" }) => ({
  ...{ v: 1, id: uuid(), yacht: "pale-heron", at: "2027-06-12T07:30:00.000Z" },
  ...more,
});
const tell = async (reference: string, entries: unknown[]) => {
  const { charterId } = await stayOf(reference);
  return base.inBase((db) => takeLogEntries(db, charterId, entries));
};

describe("the log of a boat under way", () => {
  it("is kept as it came, once, and comes back with the book", async () => {
    const night = entry({ kind: "tonight", where: "Sallow Pool", until: "2027-06-13T18:00:00.000Z" });
    const round = entry({
      ...{ kind: "round", seconds: 70 },
      looks: [{ look: "oil", isFine: true, words: "" }],
      readings: [{ reading: "fuel", values: { litres: 120 } }],
    });
    expect((await tell("BR-1052", [round, night])).map(({ status }) => status)).toEqual(["kept", "kept"]);
    expect((await tell("BR-1052", [round])).map(({ status }) => status)).toEqual(["same"]);
    const { stayId, charterId } = await stayOf("BR-1052");
    expect((await base.inBase((db) => boatLogOf(db, stayId))).map(({ kind }) => kind)).toEqual(["round", "tonight"]);
    const book = await base.inBase((db) => boatBook(db, charterId));
    expect(book.log?.map(({ id }) => id)).toEqual([round.id, night.id]);
    await expect(base.asOwner("delete from boat_log")).rejects.toThrow("is refused");
    await expect(base.asOwner("update boat_log set kind = 'note'")).rejects.toThrow("is refused");
  });

  it("refuses each bad one by itself: other content, another yacht, a form that is none", async () => {
    const [first] = await base.inBase(async (db) => boatLogOf(db, (await stayOf("BR-1052")).stayId));
    const answers = await tell("BR-1052", [
      { ...first, at: "2027-06-12T09:00:00.000Z" },
      entry({ yacht: "quillback", kind: "note", words: "x" }),
      entry({ kind: "note", words: "" }),
      entry({ kind: "position", lon: 200, lat: 0 }),
      entry({ kind: "note", words: "x", until: "whenever" }),
      entry(),
    ]);
    expect(answers.map(({ status, code }) => [status, code])).toEqual([
      ["refused", "other-content"],
      ["refused", "not-this-yacht"],
      ["refused", "wrong-form"],
      ["refused", "wrong-form"],
      ["refused", "wrong-form"],
      ["kept", null],
    ]);
  });

  it("sent at once from two telephones of one crew is kept once", async () => {
    const one = entry();
    const both = await Promise.all([tell("BR-1052", [one]), tell("BR-1052", [one])]);
    expect(both.map(([answer]) => answer?.status).sort()).toEqual(["kept", "same"]);
  });

  it("begins with the signed check-in", async () => {
    expect(await tell("BR-1058", [entry()])).toMatchObject([{ status: "refused", code: "no-check-in" }]);
  });

  it("is among what a guest may ask to see, and goes with the notes of calls; rounds stay with the yacht", async () => {
    const { skipperId } = await stayOf("BR-1052");
    const held = await base.inBase((db) => heldOfGuest(db, skipperId));
    expect(held?.told.length).toBeGreaterThan(2);
  });

  it("goes with the notes of calls once its charter is over; rounds stay with the yacht", async () => {
    const over = await stayOf("BR-1046");
    const of = (more: object) => entry({ yacht: over.yachtSlug, ...more });
    const told = await tell("BR-1046", [
      of({ kind: "note", words: "whales" }),
      of({ kind: "round", seconds: 70, looks: [], readings: [] }),
    ]);
    expect(told.map(({ status }) => status)).toEqual(["kept", "kept"]);
    const erase = (days: number) =>
      base.inBase((db) =>
        db.query("select erase_outlived($1, $2)", [JSON.stringify({ calls: days }), "2027-06-12T10:12:00.000Z"]),
      );
    const kinds = async () => (await base.inBase((db) => boatLogOf(db, over.stayId))).map(({ kind }) => kind);
    await erase(4000);
    expect(await kinds()).toEqual(["note", "round"]);
    await erase(1);
    expect(await kinds()).toEqual(["round"]);
  });
});

describe("what the planners are filled with", () => {
  it("comes with the book: readings of the check-in by the keys of her file", async () => {
    const { charterId } = await stayOf("BR-1052");
    const book = await base.inBase((db) => boatBook(db, charterId));
    const keys = book.readings?.map(({ reading }) => reading) ?? [];
    expect(keys).toEqual(
      expect.arrayContaining(["fuel", "water-fore", "water-aft", "engine-hours", "battery-service"]),
    );
    expect(keys.filter((key) => !Object.hasOwn(book.yacht.file.readings, key))).toEqual([]);
    expect(book.readings?.find(({ reading }) => reading === "fuel")).toMatchObject({
      told: "check-in",
      values: { litres: expect.any(Number) },
    });
  });

  it("has no outlook where no feed is plugged in, and is nothing before the check-in", async () => {
    const { charterId } = await stayOf("BR-1058");
    const book = await base.inBase((db) => boatBook(db, charterId));
    expect([book.outlook, book.readings, book.log]).toEqual([null, undefined, []]);
  });

  it("keeps a trouble answer by answer, its call and its end, answers it, and learns what it was", async () => {
    const begun = entry({ kind: "trouble", fault: "windlass-dead" });
    const answer = entry({
      ...{ kind: "trouble-answer", trouble: begun.id, about: "look", check: "breaker", said: "is", basis: [] },
    });
    const called = entry({
      ...{ kind: "trouble-call", trouble: begun.id, urgency: "now", persons: 4, words: "Sallow Pool" },
      saidAt: "2027-06-11T22:00:00.000Z",
    });
    expect((await tell("BR-1052", [begun, answer, called])).map(({ status }) => status)).toEqual(Array(3).fill("kept"));
    const { stayId, charterId } = await stayOf("BR-1052");
    const [ilko] = (await base.asOwner("select id from person where name like 'Ilko%'")) as { id: string }[];
    const ask = (trouble: string) =>
      base.inBase((db) => noteCallOf(db, stayId, { topic: null, words: "Push it back once.", trouble }, ilko!.id));
    await expect(ask(uuid())).rejects.toMatchObject({ code: "no-such-trouble" });
    const row = async () => {
      const { underWay, rows } = await base.inBase((db) => todayView(db));
      return [...underWay, ...rows].find(({ stay }) => stay.stayId === stayId)?.tells?.calls;
    };
    expect(await row()).toEqual([
      expect.objectContaining({
        ...{ trouble: begun.id, title: "The windlass does nothing", urgency: "now", isOpen: true, answers: [] },
        ...{ saidAt: "2027-06-11T22:00:00.000Z", lines: [expect.stringMatching(/Windlass breaker: has it tripped\?/)] },
      }),
    ]);
    await ask(begun.id);
    expect(await row()).toMatchObject([{ isOpen: false, answers: [{ words: "Push it back once." }] }]);
    const before = await base.inBase((db) => boatBook(db, charterId));
    expect(before.answers).toMatchObject([{ trouble: begun.id, words: "Push it back once." }]);
    expect(before.learned).toEqual({});
    const order = (trouble: string) => base.inBase((db) => orderFromCallOf(db, stayId, trouble, ilko!.id));
    await expect(order(uuid())).rejects.toMatchObject({ code: "no-such-trouble" });
    // two who tap at once, and one more later, make one order
    await Promise.all([order(begun.id), order(begun.id)]);
    await order(begun.id);
    expect(await row()).toMatchObject([{ ordered: { crews: 1 } }]);
    const lying = await base.inBase(async (db) => openDefects(db, (await stayOf("BR-1052")).yachtId));
    expect(lying.filter(({ subject }) => subject === "fault:windlass-dead")).toMatchObject([
      { title: "The windlass does nothing", words: expect.stringMatching(/^BR-1052\. Sallow Pool/) },
    ]);
    // and the next crew reads what to do until it is mended
    const next = await base.inBase((db) => boatBook(db, charterId));
    expect(next.knownFaults).toMatchObject([{ fault: "windlass-dead", crews: 1, answer: "Push it back once." }]);
    const end = entry({
      ...{ kind: "trouble-end", trouble: begun.id, outcome: "works", found: "breaker", words: "" },
    });
    await tell("BR-1052", [end]);
    const after = await base.inBase((db) => boatBook(db, charterId));
    // ten times 0.28 and this one, by eleven
    expect(after.learned?.["windlass-dead"]?.breaker).toBeCloseTo(3.8 / 11, 9);
  });
});
