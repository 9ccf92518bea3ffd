import { createPublicKey, randomUUID, verify } from "node:crypto";
import { fold } from "@/core/handover/fold";
import type { Entry } from "@/core/handover/entry";
import type { HandoverList } from "@/core/handover/list";
import { chainLink, manifestDigest, sealOf, sealProblems } from "@/core/handover/seal";
import type { SealRequest } from "@/api/schemas/handover";
import { demoBase } from "@/testing/demo-base";
import { sealRequest, type Signer } from "@/testing/signing";
import { findStay } from "../db/charters";
import { entriesAfter } from "../db/entries";
import { findHandover } from "../db/handovers";
import { chooseSeal } from "./choose-seal";
import { keysOf } from "../db/keys";
import { postEntries } from "@/testing/post-entries";
import { sealedRecord } from "../record/record";
import { sealHandover } from "./seal";

const base = demoBase("seal");
let handover: string;
let list: HandoverList;
let entries: Entry[];
let signers: Record<"base" | "skipper", Signer>;

beforeAll(async () => {
  handover = await base.handoverOf("BR-1053", "check-out");
  list = (await base.inBase((db) => findHandover(db, handover)))?.list as HandoverList;
  entries = (await base.inBase((db) => entriesAfter(db, handover, 0))).map((row) => row.entry);
  signers = {
    base: { person: await base.person("Senna Ruhl"), name: "Senna Ruhl" },
    skipper: { person: await base.person("Aldo Merrin"), name: "Aldo Merrin" },
  };
});

const seal = (request: SealRequest, person = signers.base.person) =>
  base.inBase((db) => sealHandover(db, handover, request, { id: randomUUID(), personId: person }));
const sound = () => sealRequest(list, entries, signers);

describe("a seal is refused and nothing is kept", () => {
  afterEach(async () => {
    expect(await base.asOwner("select 1 from seal where handover_id = $1", [handover])).toEqual([]);
  });

  it("when another handover, another list or other bytes were sealed", async () => {
    await expect(seal(sealRequest(list, entries, signers, { handover: randomUUID() }))).rejects.toMatchObject({
      code: "signed-other-handover",
    });
    await expect(seal(sealRequest(list, entries, signers, { listHash: "0".repeat(64) }))).rejects.toMatchObject({
      code: "signed-other-list",
    });
    await expect(seal({ ...sound(), seal: "1".repeat(64) })).rejects.toMatchObject({ code: "wrong-seal" });
  });

  it("when an entry here is not the one that was signed", async () => {
    const [first] = entries;
    const signed = sealRequest(list, entries, signers);
    const manifest = {
      ...signed.manifest,
      entries: signed.manifest.entries.map((each) =>
        each.id === first?.id ? { ...each, hash: "a".repeat(64) } : each,
      ),
    };
    await expect(
      seal({ ...signed, manifest, seal: sealOf(manifestDigest(manifest), signed.signatures) }),
    ).rejects.toMatchObject({ status: 409, code: "entry-differs" });
  });
});

describe("a sound seal", () => {
  const toCome: Entry = {
    v: 1,
    id: randomUUID(),
    handover: "",
    subject: "line:count:bucket",
    aspect: "count",
    value: { count: 1 },
    basis: [],
    by: { side: "base", person: "" },
    device: randomUUID(),
    at: "2027-06-12T10:18:00.000Z",
    offsetMs: 0,
  };
  let signed: SealRequest;
  let unsigned: Entry;

  it("counts what it names and has not come yet: entries and photos", async () => {
    Object.assign(toCome, { handover, by: { side: "base", person: signers.base.person } });
    // another tablet's entry reached the base; this one, on which both sign, has not heard of it
    unsigned = { ...toCome, id: randomUUID(), subject: "line:count:boat-hook", value: { count: 3 } };
    await postEntries(base.baseId, handover, [unsigned]);
    signed = sealRequest(list, [...entries, toCome], signers, { photos: ["b".repeat(64)] });
    expect(await seal(signed)).toEqual({
      seal: signed.seal,
      toCome: 2,
      standing: false,
      problems: ["entries-to-come"],
    });
    await expect(base.inBase((db) => sealedRecord(db, handover))).rejects.toMatchObject({ code: "not-signed" });
  });

  it("has the same answer when it is sent again", async () => {
    expect(await seal(signed)).toMatchObject({ seal: signed.seal, toCome: 2, standing: false });
    expect(await base.asOwner("select 1 from seal where handover_id = $1", [handover])).toHaveLength(1);
  });

  it("stands once all it names is here, takes that in, and puts what it does not name beside the record", async () => {
    expect((await postEntries(base.baseId, handover, [toCome]))[0]?.status).toBe("kept");
    const record = await base.inBase((db) => sealedRecord(db, handover));
    expect(
      sealProblems({
        list: record.list,
        entries: record.entries,
        manifest: record.seal.manifest,
        signatures: record.seal.signatures,
        seal: record.seal.seal,
      }),
    ).toEqual([]);
    expect(record.entries.map((entry) => entry.id)).toContain(toCome.id);
    expect(record.entries.map((entry) => entry.id)).not.toContain(unsigned.id);
    expect(record.addenda).toEqual([expect.objectContaining({ id: unsigned.id, kind: "late-entry" })]);
    expect(fold(record.entries).get("line:count:bucket count")?.value).toEqual({ count: 1 });
    expect(record.names[signers.skipper.person]).toBe("Aldo Merrin");
  });

  it("stands before a second, different one, which is kept whole", async () => {
    const second = sealRequest(list, entries, signers);
    expect(await seal(second)).toMatchObject({ seal: second.seal, standing: false });
    const rows = await base.asOwner<{ number: number; seal: string }>(
      "select number, seal from seal where handover_id = $1 order by number",
      [handover],
    );
    expect(rows).toEqual([
      { number: 1, seal: signed.seal },
      { number: 2, seal: second.seal },
    ]);
    const stands = async () => (await base.inBase((db) => sealedRecord(db, handover))).seal.seal;
    expect(await stands()).toBe(signed.seal);
    // a manager settles which one counts, may think better of it, and both stay
    const senna = await base.person("Senna Ruhl");
    const choose = (which: string, why: string) =>
      base.inBase((db) => chooseSeal(db, handover, { seal: which, stands: true, why }, senna));
    await choose(second.seal, "the skipper's own count");
    expect(await stands()).toBe(second.seal);
    await choose(signed.seal, "both were there at the first");
    expect(await stands()).toBe(signed.seal);
    await expect(choose("0".repeat(64), "?")).rejects.toMatchObject({ status: 404, code: "no-such-seal" });
    const stay = await base.inBase((db) => findStay(db, { stayId: list.stay.id }));
    expect(stay?.handovers.find((each) => each.id === handover)?.seals.map((each) => [each.seal, each.stands])).toEqual(
      [
        [signed.seal, true],
        [second.seal, false],
      ],
    );
  });

  it("hangs in the yacht's chain: each link over the one before, signed with the base's key", async () => {
    const links = await base.asOwner<{
      previous: string | null;
      hash: string;
      seal: string;
      received_at: string;
      signature: string;
      number: number;
    }>(
      `select l.previous, l.hash, s.seal, l.received_at, l.signature, l.number from chain_link l join seal s on s.id = l.seal_id where l.yacht_id = $1 order by l.number`,
      [list.yacht.id],
    );
    expect(links.length).toBeGreaterThanOrEqual(3);
    const [first] = await base.inBase((db) => keysOf(db, base.baseId));
    const key = createPublicKey(first?.publicKey ?? "");
    links.forEach((link, i) => {
      expect(link.number).toBe(i + 1);
      expect(link.previous).toBe(links[i - 1]?.hash ?? null);
      expect(link.hash).toBe(chainLink(link.previous, link.seal, link.received_at));
      expect(verify(null, Buffer.from(link.hash, "hex"), key, Buffer.from(link.signature, "base64"))).toBe(true);
    });
  });
});

it("refuses the record of a handover that is not signed", async () => {
  const open = await base.handoverOf("BR-1059", "check-in");
  await expect(base.inBase((db) => sealedRecord(db, open))).rejects.toMatchObject({ status: 409, code: "not-signed" });
  await expect(base.inBase((db) => sealedRecord(db, randomUUID()))).rejects.toMatchObject({ status: 404 });
});
