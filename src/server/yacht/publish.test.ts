import type { YachtFile } from "@/core/yacht/schema";
import { resolveYacht } from "@/core/yacht/resolve";
import { demoBase } from "@/testing/demo-base";
import { findYacht, yachtFileAt } from "../db/yachts";
import { openHandover } from "../handover/open";
import { bundleFor } from "@/testing/bundle-for";
import { revisionsOf } from "./history";
import { publishFile, type Publication } from "./publish";
import { reviewFile } from "./review";

const base = demoBase("publish");
let senna: string;
beforeAll(async () => (senna = await base.person("Senna Ruhl")));

const yacht = async (slug = "pale-heron") => {
  const found = await base.inBase((db) => findYacht(db, { slug }));
  if (!found) throw new Error("no yacht");
  return found;
};
/** The standing file with something changed. */
const changed = async (change: (file: YachtFile) => void, slug = "pale-heron") => {
  const { file, revision } = await yacht(slug);
  const next = structuredClone(file);
  change(next);
  return { document: next, onRevision: revision };
};
const publish = (publication: Partial<Publication> & Pick<Publication, "document" | "onRevision">) =>
  base.inBase((db) =>
    publishFile(db, { slug: "pale-heron", why: "seen at the berth", accepts: {}, ...publication }, senna),
  );
const count = async () => (await base.asOwner("select 1 from yacht_revision")).length;

describe("reviewing a file", () => {
  it("says what would change, and changes nothing", async () => {
    const before = await count();
    const { document } = await changed((file) => (file.fittings["gas-tap"]!.where = { en: "left of the stove" }));
    const { findings, changes } = await base.inBase((db) => reviewFile(db, "pale-heron", document));
    expect(findings).toEqual([]);
    expect(changes).toEqual([expect.objectContaining({ path: "/fittings/gas-tap/where", part: "Gas tap" })]);
    expect(await count()).toBe(before);
  });

  it("takes in again what it gave out, with no change at all", async () => {
    const { file } = await yacht();
    const { changes } = await base.inBase((db) => reviewFile(db, "pale-heron", JSON.parse(JSON.stringify(file))));
    expect(changes).toEqual([]);
  });

  it("refuses what is no yacht file, with the place", async () => {
    const review = (document: unknown) => base.inBase((db) => reviewFile(db, "pale-heron", document));
    await expect(review({ hello: 1 })).rejects.toMatchObject({ status: 422, code: "wrong-file" });
    await expect(review([])).rejects.toMatchObject({ code: "wrong-file" });
    const { document } = await changed((file) => (file.tanks.fuel!.capacityL = -2));
    await expect(review(document)).rejects.toMatchObject({ where: "/tanks/fuel/capacityL" });
  });
});

describe("publishing a file", () => {
  it.each<[string, (file: YachtFile) => void, Partial<Publication>, object]>([
    [
      "errors",
      (file) => (file.reefs.second!.fromKn = 10),
      {},
      { status: 422, code: "file-has-errors", where: "/reefs/second/fromKn" },
    ],
    [
      "a warning that nobody accepted",
      (file) => delete file.fittings["gas-tap"]!.photo,
      {},
      { code: "warning-open", where: "/fittings/gas-tap/photo" },
    ],
    ["no reason", (file) => (file.particulars.berths = 7), { why: "  " }, { code: "why-missing" }],
    ["no change", () => undefined, {}, { status: 409, code: "nothing-changed" }],
    [
      "another revision in between",
      (file) => (file.particulars.berths = 7),
      { onRevision: 7 },
      { status: 409, code: "other-revision" },
    ],
  ])("is refused with %s, and nothing is kept", async (_what, change, more, problem) => {
    const before = await count();
    await expect(changed(change).then((file) => publish({ ...file, ...more }))).rejects.toMatchObject(problem);
    expect(await count()).toBe(before);
  });

  it("makes the next revision; earlier ones stay as they were, and so do the handovers made from them", async () => {
    const checkIn = await base.handoverOf("BR-1052", "check-in");
    const before = await base.inBase((db) => bundleFor(db, checkIn, senna));
    expect(await publish(await changed((file) => (file.inventory["fender-large"]!.expected = 7)))).toEqual({
      revision: 2,
    });
    const now = await yacht();
    expect([now.revision, now.file.inventory["fender-large"]!.expected]).toEqual([2, 7]);
    expect((await base.inBase((db) => yachtFileAt(db, now.id, 1)))?.inventory["fender-large"]!.expected).toBe(6);
    expect((await base.inBase((db) => bundleFor(db, checkIn, senna))).file).toEqual(before.file);
    await expect(base.asOwner("update yacht_revision set why = 'x'")).rejects.toThrow("is refused");
  });

  it("is what the next check-in is made from", async () => {
    const stay = await base.stayOf("BR-1058");
    const { id } = await base.inBase((db) => openHandover(db, stay, "check-in", senna));
    const { list } = await base.inBase((db) => bundleFor(db, id, senna));
    expect(list.yacht.revision).toBe(2);
    expect(list.lines.find((line) => line.id === "count:fender-large")).toMatchObject({ expected: 7 });
  });

  it("keeps the yacht's own differences as a patch on her class", async () => {
    const [row] = await base.asOwner<{ patch: Record<string, unknown>; class: unknown; document: unknown }>(
      "select r.patch, c.document as class, r.document from yacht_revision r join yacht_class c on c.id = r.class_id join yacht y on y.id = r.yacht_id where y.slug = 'pale-heron' and r.revision = 2",
    );
    expect(resolveYacht(row?.class, row?.patch ?? {})).toEqual(row?.document);
    expect(row?.patch).toMatchObject({
      particulars: { name: "Pale Heron" },
      inventory: { "fender-large": { expected: 7 } },
    });
    expect(JSON.stringify(row?.patch).length).toBeLessThan(4000);
  });

  it("lets one of two who publish at once through, and tells the other", async () => {
    const [one, two] = [
      await changed((file) => (file.particulars.berths = 6)),
      await changed((file) => (file.particulars.berths = 9)),
    ];
    const outcomes = await Promise.allSettled([publish(one), publish(two)]);
    expect(outcomes.map((outcome) => outcome.status).sort()).toEqual(["fulfilled", "rejected"]);
    expect((outcomes.find((outcome) => outcome.status === "rejected") as PromiseRejectedResult).reason).toMatchObject({
      code: "other-revision",
    });
  });

  it("keeps an accepted warning with its reason, and tells what each revision changed", async () => {
    const file = await changed((next) => delete next.fittings["gas-tap"]!.photo);
    await publish({
      ...file,
      why: "photo was of another boat",
      accepts: { "/fittings/gas-tap/photo": "comes next week" },
    });
    const { id } = await yacht();
    const [newest, , second] = await base.inBase((db) => revisionsOf(db, id));
    expect(newest).toMatchObject({
      revision: 4,
      by: "Senna Ruhl",
      why: "photo was of another boat",
      accepted: [{ check: "fittings-found", reason: "comes next week" }],
      changes: [{ path: "/fittings/gas-tap/photo", to: null }],
    });
    expect(second).toMatchObject({
      revision: 2,
      changes: [{ path: "/inventory/fender-large/expected", from: 6, to: 7 }],
    });
  });
});
