import { randomUUID } from "node:crypto";
import { sealProblems, type MissingSigner } from "@/core/handover/seal";
import type { Entry } from "@/core/handover/entry";
import type { HandoverList } from "@/core/handover/list";
import { demoBase } from "@/testing/demo-base";
import { witnessedRequest, type Signer } from "@/testing/signing";
import { messagesOf } from "../db/messages";
import { entriesAfter } from "../db/entries";
import { findHandover } from "../db/handovers";
import { recordPdf } from "../pdf/record";
import { sealedRecord } from "../record/record";
import { followUp } from "../follow-up/follow-up";
import { sealHandover } from "./seal";

const base = demoBase("witness");
const without: MissingSigner = { reason: "refuses", words: "Does not want to hear of the scratch." };
let signer: Signer;
beforeAll(async () => {
  signer = { person: await base.person("Senna Ruhl"), name: "Senna Ruhl" };
});
const grant = () => ({ id: randomUUID(), personId: signer.person });
const facts = async (reference: string, kind: "check-in" | "check-out") => {
  const id = await base.handoverOf(reference, kind);
  const list = (await base.inBase((db) => findHandover(db, id)))?.list as HandoverList;
  const entries: Entry[] = (await base.inBase((db) => entriesAfter(db, id, 0))).map((row) => row.entry);
  return { id, list, entries };
};

it("nobody is handed a yacht who is not there", async () => {
  const { id, list, entries } = await facts("BR-1059", "check-in");
  const request = witnessedRequest(list, entries, signer, "Tarn Holloway", without);
  expect(await base.inBase((db) => sealHandover(db, id, request, grant()))).toMatchObject({
    standing: false,
    problems: ["needs-skipper"],
  });
});

it("a check-out is signed by the base and a witness, with the reason under the seal, and a copy goes out once", async () => {
  const { id, list, entries } = await facts("BR-1053", "check-out");
  const request = witnessedRequest(list, entries, signer, "Tarn Holloway", without);
  for (const _time of [1, 2]) {
    await base.inBase((db) => sealHandover(db, id, request, grant()));
    await followUp(base.baseId, id);
  }
  const { seal, contents, entries: signed } = await base.inBase((db) => sealedRecord(db, id));
  expect([seal.manifest.without, contents.witness?.name, contents.skipper]).toEqual([
    without,
    "Tarn Holloway",
    undefined,
  ]);
  const parts = { list, entries: signed, manifest: seal.manifest, signatures: seal.signatures, seal: seal.seal };
  expect(sealProblems(parts)).toEqual([]);
  // the reason is part of what was signed
  expect(sealProblems({ ...parts, manifest: { ...seal.manifest, without: { ...without, reason: "absent" } } })).toEqual(
    ["the seal does not fit the manifest and the signatures"],
  );
  const sent = await base.inBase(async (db) => messagesOf(db, await base.stayOf("BR-1053")));
  // his charter is spoken to in German
  expect(sent.map(({ toName, subject }) => [toName, subject])).toEqual([
    ["Aldo Merrin", "Rückgabe von Cold Harbour, BR-1053: ohne dich unterschrieben"],
  ]);
  expect((await base.inBase((db) => recordPdf(db, id))).bytes.subarray(0, 5).toString()).toBe("%PDF-");
});
