import { randomUUID } from "node:crypto";
import { v7 as uuid } from "uuid";
import type { SealRequest } from "@/api/schemas/handover";
import type { Entry } from "@/core/handover/entry";
import type { HandoverList } from "@/core/handover/list";
import { imprint, manifestDigest, sealOf } from "@/core/handover/seal";
import { demoBase } from "@/testing/demo-base";
import { postEntries } from "@/testing/post-entries";
import { sealRequest, type Signer } from "@/testing/signing";
import { findStay } from "../db/charters";
import { entriesAfter } from "../db/entries";
import { everyOpenFollowUp } from "../db/follow-ups";
import { findHandover } from "../db/handovers";
import { addendaOf } from "../db/handovers";
import { followUp } from "../follow-up/follow-up";
import { sealedRecord } from "../record/record";
import { chooseSeal } from "./choose-seal";
import { liftClearance } from "./clearance";
import { openHandover } from "../handover/open";
import type { Language } from "@/messages/languages";
import { sealHandover } from "./seal";

const base = demoBase("standing");
let maro: Signer;
let senna: Signer;

beforeAll(async () => {
  maro = { person: await base.person("Maro Tessen"), name: "Maro Tessen" };
  senna = { person: await base.person("Senna Ruhl"), name: "Senna Ruhl" };
});

/** A handover with its list, what is recorded on it, and who signs. */
async function at(reference: string, kind: "check-in" | "check-out") {
  const stay = await base.inBase((db) => findStay(db, { reference }));
  if (!stay) throw new Error(`no ${reference}`);
  const { id } = await base.inBase((db) => openHandover(db, stay.stayId, kind, maro.person));
  const list = (await base.inBase((db) => findHandover(db, id)))?.list as HandoverList;
  const skipper = { person: stay.skipperId, name: stay.skipper };
  const charterer = { person: stay.chartererId, name: stay.charterer };
  const entries = async () => (await base.inBase((db) => entriesAfter(db, id, 0))).map(({ entry }) => entry);
  const seal = (request: SealRequest, person = maro.person) =>
    base.inBase((db) => sealHandover(db, id, request, { id: randomUUID(), personId: person }));
  const request = (named: Entry[], change = {}, language: Language = "en") =>
    sealRequest(list, named, { base: maro, skipper }, change, charterer, language);
  const count = (change: Partial<Entry> = {}): Entry => ({
    v: 1,
    id: uuid(),
    handover: id,
    subject: "line:count:bucket",
    aspect: "count",
    value: { count: 1 },
    basis: [],
    by: { side: "base", person: maro.person },
    device: randomUUID(),
    at: "2027-06-12T10:11:00.000Z",
    offsetMs: 0,
    ...change,
  });
  return { stay, id, list, skipper, entries, seal, request, count };
}
const brief = async (reference: string, id: string) =>
  (await base.inBase((db) => findStay(db, { reference })))?.handovers.find((each) => each.id === id);

describe("a signed record that something speaks against is kept as received and does not stand", () => {
  const resealed = (request: SealRequest): SealRequest => ({
    ...request,
    seal: sealOf(manifestDigest(request.manifest), request.signatures),
  });

  it.each<[string, (request: SealRequest, stranger: string) => SealRequest, string]>([
    [
      "other words than its entries give",
      (request) => resealed({ ...request, manifest: { ...request.manifest, words: ["Base: nothing to pay"] } }),
      "words-differ",
    ],
    [
      "a word left out",
      (request) => resealed({ ...request, manifest: { ...request.manifest, words: request.manifest.words.slice(1) } }),
      "words-differ",
    ],
    [
      "one signature",
      (request) => resealed({ ...request, signatures: request.signatures.slice(0, 1) }),
      "signature-missing",
    ],
    [
      "the same signature twice",
      (request) => resealed({ ...request, signatures: [request.signatures[0]!, request.signatures[0]!] }),
      "signature-missing",
    ],
    [
      "a drawing that is no more than a dot",
      (request) => {
        const dot = {
          ...request.contents.skipper!,
          strokes: [[[5, 5] as [number, number], [6, 6] as [number, number]]],
        };
        const signatures = request.signatures.map((each) =>
          each.side === "skipper" ? { ...each, how: "drawn" as const, imprint: imprint(dot) } : each,
        );
        return resealed({ ...request, signatures, contents: { ...request.contents, skipper: dot } });
      },
      "signature-blank",
    ],
    [
      "a name that is not the one signed over",
      (request) => ({
        ...request,
        contents: { ...request.contents, base: { ...request.contents.base!, name: "Somebody" } },
      }),
      "wrong-imprint",
    ],
    [
      "a stranger in the skipper's place",
      (request, stranger) =>
        resealed({
          ...request,
          signatures: request.signatures.map((each) =>
            each.side === "skipper" ? { ...each, person: stranger } : each,
          ),
        }),
      "wrong-signer",
    ],
    [
      "somebody of the base whose device it is not",
      (request) =>
        resealed({
          ...request,
          signatures: request.signatures.map((each) =>
            each.side === "base" ? { ...each, person: senna.person } : each,
          ),
        }),
      "other-signer",
    ],
  ])("with %s", async (_what, change, problem) => {
    const { id, seal, request, entries, count } = await at("BR-1060", "check-in");
    if ((await entries()).length === 0) await postEntries(base.baseId, id, [count()]);
    const stranger = await base.person("Aldo Merrin");
    const outcome = await seal(change(request(await entries()), stranger));
    expect(outcome.standing).toBe(false);
    expect(outcome.problems).toContain(problem);
    await expect(base.inBase((db) => sealedRecord(db, id))).rejects.toMatchObject({ code: "not-signed" });
  });

  it("with nothing looked at, or with a fork that nobody settled", async () => {
    const { id, seal, request, count } = await at("BR-1058", "check-in");
    expect((await seal(request([]))).problems).toEqual(["nothing-looked-at"]);
    const two = [count(), count({ value: { count: 2 } })];
    await postEntries(base.baseId, id, two);
    expect((await seal(request(two))).problems).toContain("open-fork");
  });

  it("stands in the language that the signers read, and not with words of two languages", async () => {
    const { id, list, seal, request, entries, count } = await at("BR-1062", "check-in");
    const [line] = list.lines;
    await postEntries(base.baseId, id, [
      count({ subject: `line:${line?.id}`, aspect: "remark:base", value: { words: "gesehen" } }),
    ]);
    const named = await entries();
    const [german, english] = [request(named, {}, "de"), request(named)];
    expect(german.manifest.words).not.toEqual(english.manifest.words);
    expect(german.manifest.words.at(-1)).toMatch(/^Wir haben gelesen/);
    const mixed = {
      ...german.manifest,
      words: [...german.manifest.words.slice(0, -1), english.manifest.words.at(-1) ?? ""],
    };
    expect((await seal(resealed({ ...german, manifest: mixed }))).problems).toContain("words-differ");
    expect((await seal(german)).problems).not.toContain("words-differ");
  });

  it("opens no check-out, says so at the desk, and stands once a manager lets it", async () => {
    const { id, stay, seal, request, entries } = await at("BR-1060", "check-in");
    await expect(base.inBase((db) => openHandover(db, stay.stayId, "check-out", maro.person))).rejects.toMatchObject({
      code: "check-in-not-signed",
    });
    const forged = request(await entries(), { words: ["Base: nothing to pay"] });
    const { seal: hash } = await seal(forged);
    const desk = await brief("BR-1060", id);
    expect([desk?.sealedAt, desk?.seals.find((each) => each.seal === hash)]).toMatchObject([
      null,
      { stands: false, settled: null, problems: ["words-differ"] },
    ]);
    const settle = (stands: boolean, why: string) =>
      base.inBase((db) => chooseSeal(db, id, { seal: hash, stands, why }, senna.person));
    await settle(true, "an older app's wording, read again together");
    expect((await brief("BR-1060", id))?.sealedAt).not.toBeNull();
    // and not, once the manager thinks better of it
    await settle(false, "it says what nobody saw");
    expect(await brief("BR-1060", id)).toMatchObject({ sealedAt: null });
    const sound = await seal(request(await entries()));
    expect(sound).toMatchObject({ standing: true, problems: [] });
    expect((await brief("BR-1060", id))?.seals.map(({ stands }) => stands).filter(Boolean)).toHaveLength(1);
  });
});

describe("two tablets that seal at once", () => {
  it("have what came late reckoned against the record that stands, also when another one comes to stand", async () => {
    const { id, seal, request, count } = await at("BR-1059", "check-in");
    const mine = count();
    const raft = count({ subject: "line:count:life-raft", value: { count: 0 } });
    await postEntries(base.baseId, id, [mine, raft]);
    const first = request([mine, raft]);
    await seal(first);
    // the other tablet's entries arrive after that, and then its own record, which names them
    const theirs = count({ subject: "line:count:boat-hook" });
    expect((await postEntries(base.baseId, id, [theirs]))[0]?.status).toBe("late");
    const second = request([mine, raft, theirs]);
    expect(await seal(second)).toMatchObject({ standing: false, toCome: 0, problems: [] });
    const late = async () => (await base.inBase((db) => addendaOf(db, id))).map((each) => each.id);
    expect(await late()).toContain(theirs.id);
    await expect(
      base.inBase((db) => chooseSeal(db, id, { seal: second.seal, stands: true, why: "whole" }, senna.person)),
    ).resolves.toBeUndefined();
    const record = await base.inBase((db) => sealedRecord(db, id));
    expect(record.seal.seal).toBe(second.seal);
    expect(record.entries.map((each) => each.id).sort()).toEqual([mine.id, raft.id, theirs.id].sort());
    expect(await late()).not.toContain(theirs.id);
    await base.inBase((db) => chooseSeal(db, id, { seal: first.seal, stands: true, why: "no" }, senna.person));
    expect(await late()).toContain(theirs.id);
  });
});

describe("a yacht signed over while not cleared", () => {
  it("carries the mark until a manager lifts it; what nobody lets go is never overridden", async () => {
    const { id } = await at("BR-1059", "check-in");
    const desk = await brief("BR-1059", id);
    expect(desk?.against.length).toBeGreaterThan(0);
    const lift = (how: "cured" | "overridden") =>
      base.inBase((db) => liftClearance(db, id, how, "looked at with the skipper", senna.person));
    await expect(lift("overridden")).rejects.toMatchObject({ code: "never-let-go" });
    await lift("cured");
    expect((await brief("BR-1059", id))?.lifted).toMatchObject({ how: "cured", by: "Senna Ruhl" });
    await expect(lift("cured")).rejects.toMatchObject({ code: "nothing-to-lift" });
  });
});

describe("what follows from a record", () => {
  it("can fail and be done again, and never takes the record with it", async () => {
    const { id, seal, request, entries, count, list } = await at("BR-1053", "check-out");
    const seen = new Map((await entries()).map((each) => [each.subject, each.id]));
    const broken = list.lines.find((line) => line.kind === "look");
    const before = seen.get(`line:${broken?.id ?? ""}`);
    const [answer] = await postEntries(base.baseId, id, [
      count({
        subject: `line:${broken?.id ?? ""}`,
        aspect: "look",
        value: { state: "damaged" },
        basis: before ? [before] : [],
      }),
    ]);
    expect(answer?.status).toBe("kept");
    await base.asOwner("alter table defect add constraint no_more check (false) not valid");
    const sent = request(await entries());
    expect(await seal(sent)).toMatchObject({ standing: true });
    await followUp(base.baseId, id);
    const open = async () => (await base.inBase(everyOpenFollowUp)).filter(({ handover }) => handover === id);
    expect(await open()).toEqual([
      expect.objectContaining({ handover: id, what: "defects", problem: expect.stringContaining("no_more") }),
    ]);
    expect((await base.inBase((db) => sealedRecord(db, id))).seal.seal).toBe(sent.seal);
    await base.asOwner("alter table defect drop constraint no_more");
    await followUp(base.baseId, id);
    expect(await open()).toEqual([]);
    expect(await base.asOwner("select 1 from defect where handover_id = $1", [id])).not.toEqual([]);
  });
});
