import type { YachtFile } from "@/core/yacht/schema";
import { demoBase } from "@/testing/demo-base";
import { findClass, sistersOf } from "../db/yacht-classes";
import { findYacht } from "../db/yachts";
import { classDraft } from "./class-draft";
import { draftReview } from "./draft-screen";
import { draftView } from "./draft";
import { editDraft, madeHere } from "./edit-draft";
import { publishDraft } from "./end-draft";
import { takeClassChange } from "./take-class-change";
import { publishClass, reviewClass, type ClassPublication } from "./class-publish";
import { revisionsOf } from "./history";
import { publishFile } from "./publish";

const base = demoBase("class");
const slug = "ondavar-41";
let senna: string;
beforeAll(async () => (senna = await base.person("Senna Ruhl")));

const changed = async (change: (file: YachtFile) => void) => {
  const standing = await base.inBase((db) => findClass(db, slug));
  if (!standing) throw new Error("no class");
  const document = structuredClone(standing.file);
  change(document);
  return { document, onRevision: standing.revision };
};
const publish = async (change: (file: YachtFile) => void, more: Partial<ClassPublication> = {}) => {
  const file = await changed(change);
  return base.inBase((db) =>
    publishClass(db, { slug, why: "changed in the yard", accepts: {}, ...file, ...more }, senna),
  );
};
const yacht = async (name: string) => {
  const found = await base.inBase((db) => findYacht(db, { slug: name }));
  if (!found) throw new Error("no yacht");
  return found;
};
const draftOf = (name: string) => base.inBase((db) => classDraft(db, slug, name));
const revisions = async () =>
  (
    await base.asOwner<{ revision: number }>(
      "select r.revision from yacht_revision r join yacht y on y.id = r.yacht_id where y.slug in ('quillback', 'cold-harbour')",
    )
  ).length;

describe("reviewing a class", () => {
  it("says what would change on each yacht, and that a yacht's own difference stays; nothing is kept", async () => {
    const before = await revisions();
    // Cold Harbour holds stop for six seconds whatever the class says
    const { document } = await changed((file) => (file.engines.main!.stopHoldSeconds = 5));
    const { changes, sisters } = await base.inBase((db) => reviewClass(db, slug, document));
    expect(changes.map((change) => change.path)).toEqual(["/engines/main/stopHoldSeconds"]);
    expect(
      Object.fromEntries(
        sisters.map((sister) => [sister.slug, sister.changes.map((change) => [change.from, change.to])]),
      ),
    ).toEqual({ "cold-harbour": [], quillback: [[4, 5]] });
    expect(await revisions()).toBe(before);
  });

  it("refuses what is no yacht file, and a class that is not there", async () => {
    await expect(base.inBase((db) => reviewClass(db, slug, { schema: "x" }))).rejects.toMatchObject({
      status: 422,
      code: "wrong-file",
    });
    await expect(base.inBase((db) => reviewClass(db, "no-such", {}))).rejects.toMatchObject({
      status: 404,
      code: "no-such-class",
    });
  });
});

describe("publishing a class", () => {
  it.each<[string, (file: YachtFile) => void, Partial<ClassPublication>, object]>([
    ["errors", (file) => (file.reefs.second!.fromKn = 10), {}, { code: "file-has-errors" }],
    ["no reason", (file) => (file.particulars.berths = 7), { why: " " }, { code: "why-missing" }],
    ["no change", () => undefined, {}, { code: "nothing-changed" }],
    [
      "another revision in between",
      (file) => (file.particulars.berths = 7),
      { onRevision: 5 },
      { code: "other-revision" },
    ],
  ])("is refused with %s, and nothing is kept", async (_what, change, more, problem) => {
    const before = await revisions();
    await expect(publish(change, more)).rejects.toMatchObject(problem);
    expect(await revisions()).toBe(before);
    expect((await base.asOwner("select 1 from yacht_class where slug = $1", [slug])).length).toBe(1);
  });

  it("publishes each yacht that passes her checks, also one on which nothing changes", async () => {
    expect(await publish((file) => (file.engines.main!.stopHoldSeconds = 5))).toEqual({
      revision: 2,
      published: ["Cold Harbour", "Quillback"],
      drafts: [],
    });
    const [cold, quill] = [await yacht("cold-harbour"), await yacht("quillback")];
    expect([
      cold.revision,
      cold.file.engines.main?.stopHoldSeconds,
      quill.revision,
      quill.file.engines.main?.stopHoldSeconds,
    ]).toEqual([2, 6, 2, 5]);
    const [newest] = await base.inBase((db) => revisionsOf(db, quill.id));
    expect(newest).toMatchObject({
      by: "Senna Ruhl",
      why: "changed in the yard",
      changes: [{ path: "/engines/main/stopHoldSeconds", from: 4, to: 5 }],
    });
    await expect(base.asOwner("update yacht_class set why = 'x'")).rejects.toThrow("is refused");
  });

  it("leaves a draft for the yacht that does not pass, and her file as it stands", async () => {
    // the class loses a fitting that Cold Harbour's own oddity is about
    const { fittings, oddities } = (await yacht("cold-harbour")).file;
    const [odd] = Object.values(oddities).filter((each) => each.fitting === "shore-breaker");
    expect([odd?.fitting, fittings["shore-breaker"]?.place]).toEqual(["shore-breaker", expect.any(String)]);
    const drop = (file: YachtFile) => {
      delete file.fittings["shore-breaker"];
      for (const procedure of Object.values(file.procedures))
        for (const step of procedure.steps) if (step.fitting === "shore-breaker") delete step.fitting;
      for (const fitting of Object.values(file.fittings)) {
        const others = fitting.notThis?.filter((key) => key !== "shore-breaker");
        if (others?.length === 0) delete fitting.notThis;
        else if (others) fitting.notThis = others;
      }
    };
    const answer = await publish(drop, { why: "one breaker less" });
    expect(answer).toMatchObject({ revision: 3, drafts: ["Cold Harbour"], published: ["Quillback"] });
    expect((await yacht("cold-harbour")).revision).toBe(2);
    const draft = await draftOf("cold-harbour");
    expect(draft).toMatchObject({ classRevision: 3, why: "one breaker less" });
    expect(draft?.findings.length).toBeGreaterThan(0);
    expect(await draftOf("quillback")).toBeNull();
  });

  it("keeps the draft open while her file is changed for another reason", async () => {
    const { file, revision } = await yacht("cold-harbour");
    const document = structuredClone(file);
    document.particulars.berths = 7;
    await base.inBase((db) =>
      publishFile(
        db,
        { slug: "cold-harbour", document, onRevision: revision, why: "a pipe cot less", accepts: {} },
        senna,
      ),
    );
    const draft = await draftOf("cold-harbour");
    expect([draft?.classRevision, draft?.file.particulars.berths]).toEqual([3, 7]);
  });

  it("is put into her draft with one tap, mended there and published, and she stands on the class again", async () => {
    const { revision } = await yacht("cold-harbour");
    const name = { of: "yachts", slug: "cold-harbour" } as const;
    const edit = (path: string, from: unknown, to: unknown) =>
      base.inBase((db) => editDraft(db, name, [madeHere({ path, from, to })], senna));
    // what somebody had begun stays
    await edit("/particulars/berths", (await yacht("cold-harbour")).file.particulars.berths, 8);
    const { changed } = await base.inBase((db) => takeClassChange(db, name, senna));
    expect(changed).toBeGreaterThan(0);
    const { document } = await base.inBase((db) => draftView(db, name));
    expect(document.particulars.berths).toBe(8);
    const left = await draftOf("cold-harbour");
    for (const [key, odd] of Object.entries(document.oddities))
      if (odd.fitting === "shore-breaker") await edit(`/oddities/${key}`, odd, null);
    if (document.fittings["shore-breaker"])
      await edit("/fittings/shore-breaker", document.fittings["shore-breaker"], null);
    expect(left?.findings.length).toBeGreaterThan(0);
    // texts that still speak of it are in question, and are accepted with a word
    const { findings } = await base.inBase((db) => draftReview(db, name));
    expect(findings.filter(({ level }) => level === "error")).toEqual([]);
    const accepts = Object.fromEntries(findings.map(({ path }) => [path, "looked at with the technician"]));
    const published = base.inBase((db) => publishDraft(db, name, { why: "breaker gone on her too", accepts }, senna));
    expect(await published).toEqual({ revision: revision + 1 });
    expect(await draftOf("cold-harbour")).toBeNull();
    const [cold] = (await base.inBase((db) => sistersOf(db, slug))).filter((each) => each.slug === "cold-harbour");
    expect([cold?.classRevision, cold?.file.particulars.berths, cold?.patch.fittings]).toEqual([
      3,
      8,
      expect.not.objectContaining({ "shore-breaker": expect.anything() }),
    ]);
    await expect(base.inBase((db) => takeClassChange(db, name, senna))).rejects.toMatchObject({
      code: "no-class-draft",
    });
  });
});
