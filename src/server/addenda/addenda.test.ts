import { v7 as uuid } from "uuid";
import { AddendaView, BoatBook } from "@/api/schemas/book";
import { usualRules } from "@/core/base/rules";
import { makeList } from "@/core/handover/opening/make-list";
import { demoYacht } from "@/testing/demo-yacht";
import { addendumWords } from "@/messages/addendum-words";
import { englishTranslator } from "@/messages/translator";
import { mismatch } from "@/formats/validate";
import { demoBase } from "@/testing/demo-base";
import { findStay } from "../db/charters";
import { findHandover } from "../db/handovers";
import { openHandover } from "../handover/open";
import { recordPdf } from "../pdf/record";
import { addendaView } from "./addenda-view";
import { takeAddenda } from "../items/addenda";
import { boatBook } from "../book/boat-book";

const base = demoBase("addenda");
const skippers = () => base.person("Tove Ellery");
const checkInOf = async (reference: string) => {
  const found = await base.inBase(async (db) => findHandover(db, await base.handoverOf(reference, "check-in")));
  if (!found) throw new Error("no check-in");
  return found;
};
const made = async (more: object, at = "2027-06-06T10:00:00.000Z", side: "base" | "skipper" = "skipper") => ({
  v: 1,
  id: uuid(),
  handover: (await checkInOf("BR-1052")).id,
  at,
  by: { side, person: side === "skipper" ? await skippers() : await base.person("Maro Tessen") },
  ...more,
});
const take = async (addenda: unknown[], side: "base" | "skipper" = "skipper") => {
  const checkIn = await checkInOf("BR-1052");
  const person = side === "skipper" ? await skippers() : await base.person("Maro Tessen");
  return base.inBase((db) => takeAddenda(db, checkIn, addenda, { side, person }));
};
const now = async () => base.inBase(async (db) => addendaView(db, (await checkInOf("BR-1052")).id));

describe("what comes after the signature", () => {
  it("names what may still be reported, with its own clock, which has not begun", async () => {
    const view = await now();
    expect(mismatch(AddendaView, view)).toBeNull();
    expect([view.leftAt, view.open]).toEqual([
      null,
      [
        {
          line: "test:mainsail",
          name: "Mainsail, hoist and reef",
          place: "Mast",
          reason: "wind on the quay",
          hours: 24,
          until: null,
        },
      ],
    ]);
  });

  it("runs from leaving the berth; a finding counts by when it was made, and a late one is kept and marked", async () => {
    const photo = "d".repeat(64);
    const left = await made({ kind: "left-berth", leftAt: "2027-06-05T08:00:00.000Z" }, "2027-06-05T08:00:00.000Z");
    const inTime = await made(
      { kind: "late-finding", line: "test:mainsail", words: "reef line chafed", photos: [photo] },
      "2027-06-06T07:59:00.000Z",
    );
    const late = await made(
      { kind: "late-finding", line: null, words: "a cupboard door sticks", photos: [] },
      "2027-06-06T08:01:00.000Z",
    );
    const answers = await take([left, inTime, late]);
    expect(answers.map((each) => each.status)).toEqual(["kept", "kept", "kept"]);
    const view = await now();
    expect([view.leftAt, view.open[0]?.until]).toEqual(["2027-06-05T08:00:00.000Z", "2027-06-06T08:00:00.000Z"]);
    expect(
      view.addenda.map(({ addendum, inTime: isInTime, about, by }) => [
        addendum.kind,
        isInTime,
        about?.name ?? null,
        by,
      ]),
    ).toEqual([
      ["left-berth", null, null, "Tove Ellery"],
      ["late-finding", true, "Mainsail, hoist and reef", "Tove Ellery"],
      ["late-finding", false, null, "Tove Ellery"],
    ]);
    // received at 10:12 on the demo's Saturday, a week after it was made
    expect(view.addenda[1]?.receivedAt).toBe("2027-06-12T10:12:00.000Z");
  });

  it("is taken once, refused with other content, from the wrong side, on no line, and before the signature; a refused one blocks no other", async () => {
    const finding = await made({ kind: "late-finding", line: null, words: "bilge smells", photos: [] });
    expect((await take([finding, finding])).map((each) => each.status)).toEqual(["kept", "same"]);
    const visit = { kind: "visit", words: "new pump", touched: [] };
    const strange = await made({ kind: "late-finding", line: "count:teapot", words: "gone", photos: [] });
    const answers = await take([
      { ...finding, words: "other" },
      await made(visit),
      strange,
      await made({ kind: "answer", to: uuid(), answer: "looked-into", words: "" }),
      null,
      await made({ kind: "acknowledgement", to: finding.id, words: "" }),
    ]);
    expect(answers.map((each) => each.status)).toEqual(["refused", "refused", "refused", "refused", "refused", "kept"]);
    expect(answers[2]?.message).toContain("no line “count:teapot”");
    const open = await checkInOf("BR-1059");
    const early = { ...(await made({ kind: "left-berth", leftAt: "2027-06-12T10:00:00.000Z" })), handover: open.id };
    const [answer] = await base.inBase(async (db) =>
      takeAddenda(db, open, [early], { side: "skipper", person: early.by.person }),
    );
    expect(answer?.message).toContain("not signed yet");
  });

  it("is answered by the base, and a visit is the new starting state of what it touched", async () => {
    const fender = (await now()).addenda.find(({ addendum }) => addendum.kind === "late-finding");
    const said = [
      await made({ kind: "answer", to: fender?.addendum.id, answer: "there-before", words: "" }, undefined, "base"),
      await made(
        { kind: "visit", words: "one fender taken ashore, burst", touched: [{ line: "count:fender-large", count: 4 }] },
        undefined,
        "base",
      ),
    ];
    expect((await take(said, "base")).map((each) => each.status)).toEqual(["kept", "kept"]);
    const stay = await base.inBase((db) => findStay(db, { reference: "BR-1052" }));
    expect(stay?.handovers.find((each) => each.kind === "check-in")).toMatchObject({ late: 0, toAnswer: 2 });
    const { id } = await base.inBase(async (db) =>
      openHandover(db, await base.stayOf("BR-1052"), "check-out", await base.person("Maro Tessen")),
    );
    const list = (await base.inBase((db) => findHandover(db, id)))?.list;
    expect(list?.lines.find((line) => line.id === "count:fender-large")).toMatchObject({ expected: 4 });
  });

  it("takes what happened on the way as told by the skipper, with its day and its photos", async () => {
    const told = await made({
      kind: "incident",
      what: "grounding",
      happenedOn: "2027-06-10",
      words: "touched sand at low water, no damage seen",
      photos: ["e".repeat(64)],
    });
    expect(
      (
        await take([
          told,
          { ...told, id: uuid(), what: "shipwreck" },
          await made({ kind: "incident", what: "repair", happenedOn: "yesterday", words: "belt", photos: [] }),
        ])
      ).map((each) => each.status),
    ).toEqual(["kept", "refused", "refused"]);
    expect(
      (
        await take(
          [
            await made(
              { kind: "incident", what: "other", happenedOn: "2027-06-10", words: "x", photos: [] },
              undefined,
              "base",
            ),
          ],
          "base",
        )
      )[0]?.status,
    ).toBe("refused");
    const view = await now();
    const last = view.addenda.find(({ addendum }) => addendum.kind === "incident");
    expect(last && addendumWords(englishTranslator(), last, (instant) => instant)).toMatch(
      /^Grounding, 2027-06-10: touched sand at low water, no damage seen · Tove Ellery, made .* · 1 photo/,
    );
  });

  it("is looked at first at the check-out: what was reported, what follows from a grounding, below the water too", async () => {
    const id = await base.handoverOf("BR-1052", "check-out");
    const list = (await base.inBase((db) => findHandover(db, id)))?.list;
    // the check-out was opened before the grounding was told: its list is fixed, with what was known then
    expect(list?.first?.[0]).toEqual({ line: "test:mainsail", why: "reported" });
    expect(list?.first?.map((each) => each.why)).toContain("often");
    const again = makeList({
      kind: "check-out",
      handover: id,
      yacht: { id: list!.yacht.id, revision: 1, file: demoYacht("pale-heron") },
      stay: list!.stay,
      currency: "EUR",
      checkIn: { seal: "0".repeat(64), counts: {}, foundIn: {} },
      knownMarks: [],
      viewPhotos: {},
      history: {},
      openedAt: "2027-06-12T10:12:00.000Z",
      rules: usualRules,
      crewKg: [],
      known: [],
      study: [],
      hired: [],
      turnRound: { tasks: [], takeOff: [] },
      changed: { reported: [], happened: ["grounding"], often: new Map() },
    });
    expect(again.lines.find((line) => line.id === "look:below-the-water")).toMatchObject({
      kind: "look",
      group: "underwater",
      safety: true,
    });
    expect(again.first).toContainEqual({ line: "look:below-the-water", why: "happened" });
  });

  it("stands in the boat book and on the record's paper, and the record itself is as it was signed", async () => {
    const [charter] = await base.asOwner<{ id: string }>("select id from charter where reference = 'BR-1052'");
    const book = await base.inBase((db) => boatBook(db, charter?.id ?? ""));
    expect(mismatch(BoatBook, book)).toBeNull();
    expect(book.afterwards?.addenda.map(({ addendum }) => addendum.kind)).toEqual(
      expect.arrayContaining(["left-berth", "late-finding", "answer", "visit"]),
    );
    const { bytes } = await base.inBase(async (db) => recordPdf(db, (await checkInOf("BR-1052")).id));
    expect(bytes.subarray(0, 5).toString()).toBe("%PDF-");
    await expect(base.asOwner("update addendum set kind = 'visit'")).rejects.toThrow("is refused");
  });
});
