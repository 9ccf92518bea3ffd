import { v7 as uuid } from "uuid";
import type { DraftEdit } from "@/core/yacht/draft/edit";
import { reachOf } from "@/core/yacht/draft/reach";
import { takingBack } from "@/core/yacht/draft/undo";
import type { FileName } from "@/api/schemas/draft";
import { demoBase } from "@/testing/demo-base";
import { listYachts, findYacht } from "../db/yachts";
import { fileWork } from "../db/file-work";
import { findHandover } from "../db/handovers";
import { findClass } from "../db/yacht-classes";
import { openHandover } from "../handover/open";
import { publishClass, reviewClass } from "./class-publish";
import { carryDraft } from "./carry-draft";
import { draftView } from "./draft";
import { draftReview, draftScreen } from "./draft-screen";
import { editDraft } from "./edit-draft";
import { publishDraft, throwAwayDraft } from "./end-draft";
import { newYacht } from "./new-yacht";
import { takeNotes } from "../items/notes";
import { answerNote, openNotes } from "./notes";
import { pasteInventory } from "./paste";
import { publishFile } from "./publish";

const base = demoBase("draft");
let ilko: string;
let senna: string;
beforeAll(async () => {
  ilko = await base.person("Ilko Brand");
  senna = await base.person("Senna Ruhl");
});
const edit = (path: string, from: unknown, to: unknown, change: Partial<DraftEdit> = {}): DraftEdit => ({
  id: uuid(),
  path,
  from,
  to,
  undoes: null,
  source: null,
  ...change,
});
const of = (slug: string): FileName => ({ of: slug === "ondavar-41" ? "classes" : "yachts", slug });
const type = (slug: string, edits: DraftEdit[], by = ilko) => base.inBase((db) => editDraft(db, of(slug), edits, by));
const view = (slug: string) => base.inBase((db) => draftView(db, of(slug)));
const reasonsFor = async (slug: string) => {
  const { findings } = await base.inBase((db) => draftReview(db, of(slug)));
  return {
    why: "as she is",
    accepts: Object.fromEntries(findings.filter(({ level }) => level === "warning").map(({ path }) => [path, "known"])),
  };
};
const windlass = "/fittings/windlass-breaker/where/en";

describe("a draft", () => {
  it("is begun by the first edit, keeps each once, and leaves the published file alone", async () => {
    const { document, draft } = await view("quillback");
    expect(draft).toBeNull();
    const was = document.fittings["windlass-breaker"]?.where.en;
    const first = edit(windlass, was, "behind the hose");
    expect(await type("quillback", [first])).toEqual({ number: 1 });
    expect(await type("quillback", [first])).toEqual({ number: 1 });
    expect((await view("quillback")).document.fittings["windlass-breaker"]?.where.en).toBe("behind the hose");
    expect(
      (await base.inBase((db) => findYacht(db, { slug: "quillback" })))?.file.fittings["windlass-breaker"]?.where.en,
    ).toBe(was);
    await expect(base.asOwner("update draft_edit set number = 9")).rejects.toThrow("is refused");
  });

  it("never puts one person's typing over another's, and says what stands there now", async () => {
    await type("quillback", [edit(windlass, "behind the hose", "left of the hose")], senna);
    await expect(type("quillback", [edit(windlass, "behind the hose", "at the panel")])).rejects.toMatchObject({
      status: 409,
      code: "changed-meanwhile",
      where: windlass,
      params: { now: "“left of the hose”" },
    });
    // undo after somebody else's change is refused the same way
    const [first] = (await view("quillback")).edits;
    await expect(type("quillback", [takingBack(first!, uuid())])).rejects.toMatchObject({ code: "changed-meanwhile" });
    const own = edit("/particulars/berths", 6, 8);
    await expect(type("quillback", [own])).rejects.toMatchObject({ code: "changed-meanwhile" });
  });

  it("refuses what is no yacht file, with the place, and keeps nothing of a batch then", async () => {
    const { edits } = await view("quillback");
    const bad = [
      edit("/particulars/year", (await view("quillback")).document.particulars.year, 2019),
      edit("/particulars/beamM", (await view("quillback")).document.particulars.beamM, "wide"),
    ];
    await expect(type("quillback", bad)).rejects.toMatchObject({
      status: 422,
      code: "wrong-value",
      where: "/particulars/beamM",
      params: { place: "Particulars, beam, m,", wanted: 'must be a number (it is "wide")' },
    });
    const hold = (await view("quillback")).document.engines.main?.stopHoldSeconds;
    await expect(type("quillback", [edit("/engines/main/stopHoldSeconds", hold, 900)])).rejects.toMatchObject({
      where: "/engines/main/stopHoldSeconds",
      params: { place: "Engine, stop hold, seconds,", wanted: "must be 30 or less (it is 900)" },
    });
    await expect(type("quillback", [edit("/fittings/moon/where/en", null, "up")])).rejects.toMatchObject({
      code: "no-such-part",
    });
    expect((await view("quillback")).edits).toHaveLength(edits.length);
  });

  it("is published as the next revision, and is over then", async () => {
    const { edited } = await view("quillback");
    const reasons = await reasonsFor("quillback");
    expect(await base.inBase((db) => publishDraft(db, of("quillback"), reasons, senna))).toEqual({
      revision: edited.revision + 1,
    });
    expect(await view("quillback")).toMatchObject({ draft: null, edited: { revision: edited.revision + 1 } });
    await expect(base.inBase((db) => publishDraft(db, of("quillback"), reasons, senna))).rejects.toMatchObject({
      code: "nothing-to-publish",
    });
    await expect(base.inBase((db) => throwAwayDraft(db, of("quillback"), senna))).rejects.toMatchObject({
      code: "no-draft",
    });
  });

  it("is carried onto a revision that was published meanwhile; what does not fit is named", async () => {
    const before = (await view("cold-harbour")).document;
    const name = before.fittings["windlass-breaker"]?.name.en;
    await type("cold-harbour", [
      edit(windlass, before.fittings["windlass-breaker"]?.where.en, "by the steps"),
      edit("/fittings/windlass-breaker/name/en", name, "Windlass, breaker"),
    ]);
    const published = structuredClone(before);
    published.fittings["windlass-breaker"]!.where = { en: "under the bunk, aft end" };
    const reasons = await reasonsFor("cold-harbour");
    await base.inBase((db) =>
      publishFile(db, { slug: "cold-harbour", document: published, onRevision: 1, ...reasons }, senna),
    );
    await expect(base.inBase((db) => publishDraft(db, of("cold-harbour"), reasons, ilko))).rejects.toMatchObject({
      status: 409,
      code: "other-revision",
    });
    expect(await base.inBase((db) => carryDraft(db, of("cold-harbour"), ilko))).toEqual({
      kept: 1,
      conflicts: [{ path: windlass, wanted: "by the steps", now: "under the bunk, aft end" }],
    });
    expect((await view("cold-harbour")).document.fittings["windlass-breaker"]).toMatchObject({
      name: { en: "Windlass, breaker" },
      where: { en: "under the bunk, aft end" },
    });
    await expect(base.inBase((db) => carryDraft(db, of("cold-harbour"), ilko))).rejects.toMatchObject({
      code: "not-stale",
    });
    await base.inBase((db) => throwAwayDraft(db, of("cold-harbour"), ilko));
    expect((await view("cold-harbour")).draft).toBeNull();
  });

  it("stays good while a class is published over a sister's head", async () => {
    await type("cold-harbour", [
      edit("/particulars/berths", (await view("cold-harbour")).document.particulars.berths, 9),
    ]);
    const yachtClass = await base.inBase((db) => findClass(db, "ondavar-41"));
    const file = structuredClone(yachtClass!.file);
    file.fittings["windlass-breaker"]!.how = { en: "Push it in once, after the wait." };
    const { accepts } = await reasonsFor("cold-harbour");
    await base.inBase((db) =>
      publishClass(
        db,
        { slug: "ondavar-41", document: file, onRevision: yachtClass!.revision, why: "how", accepts },
        senna,
      ),
    );
    const stale = await view("cold-harbour");
    expect([stale.draft?.onRevision, stale.edited.revision]).toEqual([2, 3]);
    expect(await base.inBase((db) => carryDraft(db, of("cold-harbour"), ilko))).toEqual({ kept: 1, conflicts: [] });
    expect((await view("cold-harbour")).document).toMatchObject({
      particulars: { berths: 9 },
      fittings: { "windlass-breaker": { how: { en: "Push it in once, after the wait." } } },
    });
  });
});

describe("a yacht made from her class", () => {
  it("has all that the class knows in her first draft, is in no list before it is published, and has a code of her own", async () => {
    const { slug } = await base.inBase((db) =>
      newYacht(db, { classSlug: "ondavar-41", name: "Sea Thrift", berth: "A8" }, ilko),
    );
    expect(slug).toBe("sea-thrift");
    expect((await base.inBase(listYachts)).map((yacht) => yacht.slug)).not.toContain("sea-thrift");
    const { document, edited } = await view("sea-thrift");
    expect([document.particulars.name, edited.revision, Object.keys(document.inventory).length > 80]).toEqual([
      "Sea Thrift",
      0,
      true,
    ]);
    await expect(
      base.inBase((db) => newYacht(db, { classSlug: "ondavar-41", name: "sea thrift", berth: "A9" }, ilko)),
    ).rejects.toMatchObject({ status: 409, code: "name-taken", where: "name" });
    await expect(base.inBase((db) => throwAwayDraft(db, of("sea-thrift"), ilko))).rejects.toMatchObject({
      code: "first-draft",
    });
    expect(
      await base.inBase(async (db) => publishDraft(db, of("sea-thrift"), await reasonsFor("sea-thrift"), senna)),
    ).toEqual({ revision: 1 });
    const listed = (await base.inBase(listYachts)).find((each) => each.slug === "sea-thrift");
    expect(listed).toMatchObject({ revision: 1, name: "Sea Thrift" });
    expect(listed?.code).toMatch(/^SEATH-[A-Z0-9]{8}$/);
    // a check-in runs on it
    await base.asOwner(
      "insert into charter (id, base_id, reference, charterer_id, skipper_id, terms) select gen_random_uuid(), base_id, 'BR-NEW', charterer_id, skipper_id, terms from charter where reference = 'BR-1060'",
    );
    const [stay] = await base.asOwner<{ id: string }>(
      "insert into stay (id, base_id, charter_id, yacht_id, starts_at, ends_at, aboard) select gen_random_uuid(), c.base_id, c.id, y.id, '2027-06-12T14:00:00Z', '2027-06-19T09:00:00Z', 4 from charter c, yacht y where c.reference = 'BR-NEW' and y.slug = 'sea-thrift' returning id",
    );
    const { id } = await base.inBase((db) => openHandover(db, stay!.id, "check-in", ilko));
    const list = (await base.inBase((db) => findHandover(db, id)))?.list;
    expect([list?.yacht.name, (list?.lines.length ?? 0) > 140]).toEqual(["Sea Thrift", true]);
  });
});

describe("notes from aboard", () => {
  const note = (change: object) => ({
    v: 1,
    id: uuid(),
    yacht: "gannet-rock",
    kind: "different",
    about: { collection: "fittings", key: "windlass-breaker" },
    place: null,
    name: "",
    thing: null,
    count: null,
    where: "behind the hose, not at the panel",
    how: "",
    photos: [],
    at: "2027-06-12T09:00:00.000Z",
    ...change,
  });
  const take = (notes: unknown[]) => base.inBase((db) => takeNotes(db, "gannet-rock", notes, ilko));
  const open = () => base.inBase((db) => openNotes(db, "gannet-rock"));

  it("are taken once, each by itself; one about a place that is gone is kept and says so by proposing nothing", async () => {
    const first = note({});
    const gone = note({ kind: "new", place: "gone-since", name: "Lamp", thing: "lamp", about: null });
    const answers = await take([
      first,
      first,
      { ...first, where: "other" },
      note({ yacht: "quillback" }),
      { v: 2 },
      gone,
    ]);
    expect(answers.map((each) => each.status)).toEqual(["kept", "same", "refused", "refused", "refused", "kept"]);
    expect((await open()).map(({ note: { id }, edits, by }) => [id, edits.map((each) => each.path), by])).toEqual([
      [first.id, ["/fittings/windlass-breaker/where", "/oddities/windlass-breaker-odd"], "Ilko Brand"],
      [gone.id, [], "Ilko Brand"],
    ]);
  });

  it("are taken over into the draft with one word, once, or declined with a reason", async () => {
    const [first, gone] = await open();
    await base.inBase((db) => answerNote(db, "gannet-rock", first!.note.id, "taken-over", "", senna));
    const { document, edits } = await view("gannet-rock");
    expect(document.fittings["windlass-breaker"]?.where.en).toBe("behind the hose, not at the panel");
    expect(edits.map(({ source, byName }) => [source, byName])).toEqual([
      [first!.note.id, "Senna Ruhl"],
      [first!.note.id, "Senna Ruhl"],
    ]);
    await expect(
      base.inBase((db) => answerNote(db, "gannet-rock", first!.note.id, "taken-over", "", senna)),
    ).rejects.toMatchObject({ status: 409, code: "answered" });
    await expect(
      base.inBase((db) => answerNote(db, "gannet-rock", gone!.note.id, "taken-over", "", senna)),
    ).rejects.toMatchObject({ code: "nothing-left" });
    await expect(
      base.inBase((db) => answerNote(db, "gannet-rock", gone!.note.id, "declined", " ", senna)),
    ).rejects.toMatchObject({ code: "words-missing" });
    await base.inBase((db) =>
      answerNote(db, "gannet-rock", gone!.note.id, "declined", "that place was taken out", senna),
    );
    expect(await open()).toEqual([]);
  });
});

describe("what waits in a yacht's file", () => {
  it("counts what is proposed and what is not published, and nothing that says all is well", async () => {
    const waits = async () => (await base.inBase(fileWork))["little-auk"] ?? null;
    expect(await waits()).toBeNull();
    const { document } = await view("little-auk");
    const [key, fitting] = Object.entries(document.fittings)[0]!;
    const note = (kind: string, more: object = {}) => ({
      v: 1,
      id: uuid(),
      yacht: "little-auk",
      kind,
      about: { collection: "fittings", key },
      place: fitting.place,
      name: "",
      thing: null,
      count: null,
      where: "",
      how: "",
      photos: [],
      at: "2027-06-12T09:00:00.000Z",
      ...more,
    });
    await base.inBase((db) => takeNotes(db, "little-auk", [note("as-in-file"), note("not-here")], ilko));
    await type("little-auk", [edit("/particulars/berths", document.particulars.berths, 3)]);
    expect(await waits()).toEqual({ proposed: 1, unpublished: 1 });
    // taken out of the draft, it is of the class and not aboard; a phone that finds it after all proposes it as the class has it
    await type("little-auk", [edit(`/fittings/${key}`, fitting, null)]);
    const screen = () => base.inBase((db) => draftScreen(db, of("little-auk"), senna));
    expect((await screen()).absent.map((part) => [part.collection, part.key, part.place])).toContainEqual([
      "fittings",
      key,
      fitting.place,
    ]);
    const back = note("as-class");
    await base.inBase((db) => takeNotes(db, "little-auk", [back], ilko));
    await base.inBase((db) => answerNote(db, "little-auk", back.id, "taken-over", "", senna));
    expect((await view("little-auk")).document.fittings[key]?.name).toEqual(fitting.name);
    const [open] = await base.inBase((db) => openNotes(db, "little-auk"));
    await base.inBase((db) => answerNote(db, "little-auk", open!.note.id, "declined", "it is behind the board", senna));
    expect(
      (await screen()).answered.map(({ answer, words, by, writtenBy }) => [answer, words, by, writtenBy]).sort(),
    ).toEqual([
      ["declined", "it is behind the board", "Senna Ruhl", "Ilko Brand"],
      ["taken-over", "", "Senna Ruhl", "Ilko Brand"],
    ]);
    expect(await waits()).toEqual({ proposed: 0, unpublished: 3 });
  });
});

describe("pasting inventory from a spreadsheet", () => {
  const heading = [
    "key",
    "name",
    "place",
    "where",
    "system",
    "group",
    "expected",
    "price",
    "bought",
    "life_months",
    "safety",
    "per_person",
  ].join("\t");
  const line = (key: string, change: Partial<Record<"place" | "expected" | "price", string>> = {}) =>
    [
      key,
      `Thing ${key}`,
      change.place ?? "bow",
      "in the locker",
      "comfort",
      "below",
      change.expected ?? "2",
      change.price ?? "12.50",
      "2026-03-01",
      "60",
      "",
      "",
    ].join("\t");
  const paste = (lines: string[]) =>
    base.inBase((db) => pasteInventory(db, of("two-lanterns"), lines.join("\n"), ilko));

  it("takes in 497 of 500 lines, names the three that are wrong, and takes nothing out", async () => {
    const before = Object.keys((await view("two-lanterns")).document.inventory).length;
    const place = Object.keys((await view("two-lanterns")).document.places)[0]!;
    const lines = Array.from({ length: 500 }, (_, i) =>
      i === 100
        ? line(`thing-${i}`, { place: "attic" })
        : i === 200
          ? line(`thing-${i}`, { place, price: "12,50" })
          : i === 300
            ? line("thing-0", { place })
            : line(`thing-${i}`, { place }),
    );
    const pasted = await paste([heading, ...lines]);
    expect([pasted.changed, pasted.same, pasted.faults.map((each) => [each.line, each.column])]).toEqual([
      497,
      0,
      [
        [102, "place"],
        [202, "price"],
        [302, "key"],
      ],
    ]);
    expect(pasted.faults[1]?.message).toContain("12.50");
    expect(Object.keys((await view("two-lanterns")).document.inventory)).toHaveLength(before + 497);
    expect(await paste([heading, ...lines.slice(0, 3)])).toEqual({ changed: 0, same: 3, faults: [] });
    await expect(paste(["key\tname", "x\ty"])).rejects.toMatchObject({ status: 422, code: "wrong-list" });
  });
});

describe("a draft of a class", () => {
  const hold = "/engines/main/stopHoldSeconds";
  const publish = async () => {
    const { findings } = await base.inBase((db) => draftReview(db, of("ondavar-41")));
    const { sisters } = await base.inBase(async (db) =>
      reviewClass(db, "ondavar-41", (await draftView(db, of("ondavar-41"))).document),
    );
    const accepts = Object.fromEntries(
      [...findings, ...sisters.flatMap((sister) => sister.findings)].map(({ path }) => [path, "known"]),
    );
    return base.inBase((db) => publishDraft(db, of("ondavar-41"), { why: "as the yard says", accepts }, senna));
  };

  it("is kept apart from every yacht's, shows its sisters with what is their own, and is published with them", async () => {
    const { document, edited } = await view("ondavar-41");
    await type("ondavar-41", [edit(hold, document.engines.main?.stopHoldSeconds, 5)]);
    expect((await view("quillback")).document.engines.main?.stopHoldSeconds).toBe(4);
    const screen = await base.inBase((db) => draftScreen(db, of("ondavar-41"), ilko));
    expect(screen).toMatchObject({
      file: { of: "classes", slug: "ondavar-41", name: "Ondavar 41", revision: edited.revision },
      number: 1,
      isStale: false,
      notes: [],
      moved: [],
    });
    // Cold Harbour holds six seconds whatever the class says
    expect(screen.sisters.map(({ slug, patch }) => [slug, reachOf(patch, hold)])).toEqual(
      expect.arrayContaining([
        ["cold-harbour", "own"],
        ["quillback", "as-class"],
      ]),
    );
    const published = await publish();
    expect(published).toMatchObject({
      revision: edited.revision + 1,
      published: expect.arrayContaining(["Cold Harbour", "Quillback"]),
      drafts: [],
    });
    expect([
      (await view("quillback")).document.engines.main?.stopHoldSeconds,
      (await view("cold-harbour")).document.engines.main?.stopHoldSeconds,
    ]).toEqual([5, 6]);
    expect((await view("ondavar-41")).draft).toBeNull();
    await expect(publish()).rejects.toMatchObject({ code: "nothing-to-publish" });
  });

  it("grows old when the class is published from a file meanwhile, and is carried onto that", async () => {
    const { document, edited } = await view("ondavar-41");
    await type("ondavar-41", [edit("/particulars/berths", document.particulars.berths, 7), edit(hold, 5, 8)]);
    const file = structuredClone(document);
    file.engines.main!.stopHoldSeconds = 7;
    const { sisters, findings } = await base.inBase((db) => reviewClass(db, "ondavar-41", file));
    const accepts = Object.fromEntries(
      [...findings, ...sisters.flatMap((sister) => sister.findings)].map(({ path }) => [path, "known"]),
    );
    await base.inBase((db) =>
      publishClass(
        db,
        { slug: "ondavar-41", document: file, onRevision: edited.revision, why: "from the yard's file", accepts },
        senna,
      ),
    );
    expect((await base.inBase((db) => draftScreen(db, of("ondavar-41"), ilko))).isStale).toBe(true);
    await expect(publish()).rejects.toMatchObject({ status: 409, code: "other-revision" });
    expect(await base.inBase((db) => carryDraft(db, of("ondavar-41"), ilko))).toEqual({
      kept: 1,
      conflicts: [{ path: hold, wanted: 8, now: 7 }],
    });
    await base.inBase((db) => throwAwayDraft(db, of("ondavar-41"), ilko));
  });

  it("that was published brings the first draft of a yacht made before along", async () => {
    await base.inBase((db) => newYacht(db, { classSlug: "ondavar-41", name: "Late Plover", berth: "A9" }, ilko));
    const { document } = await view("ondavar-41");
    await type("ondavar-41", [edit(hold, document.engines.main?.stopHoldSeconds, 9)]);
    await publish();
    expect((await base.inBase((db) => draftScreen(db, of("late-plover"), ilko))).isStale).toBe(true);
    expect(await base.inBase((db) => carryDraft(db, of("late-plover"), ilko))).toEqual({ kept: 1, conflicts: [] });
    expect((await view("late-plover")).document).toMatchObject({
      particulars: { name: "Late Plover" },
      engines: { main: { stopHoldSeconds: 9 } },
    });
    expect((await base.inBase((db) => draftScreen(db, of("late-plover"), ilko))).isStale).toBe(false);
  });

  it("of a class that is not there is refused, and so is another change under an id that is taken", async () => {
    await expect(base.inBase((db) => draftView(db, { of: "classes", slug: "no-such" }))).rejects.toMatchObject({
      status: 404,
      code: "no-such-class",
    });
    const { document } = await view("ondavar-41");
    const first = edit("/particulars/berths", document.particulars.berths, 7);
    await type("ondavar-41", [first]);
    await expect(type("ondavar-41", [{ ...first, to: 8 }])).rejects.toMatchObject({ status: 409, code: "id-taken" });
    expect((await view("ondavar-41")).document.particulars.berths).toBe(7);
  });
});
