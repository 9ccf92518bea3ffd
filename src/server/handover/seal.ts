import "server-only";
import { entryHash } from "@/core/handover/entry";
import { chainLink, manifestDigest, sealOf, signersOf } from "@/core/handover/seal";
import type { SealRequest } from "@/api/schemas/handover";
import { now } from "../clock";
import { findStay } from "../db/charters";
import { entriesAfter } from "../db/entries";
import { addLateEntry } from "../db/addenda";
import { addendaOf, findHandover, lockHandover, type HandoverRow } from "../db/handovers";
import { takeTurns } from "../db/locks";
import { photosHere } from "../db/photos";
import { addLink, addSeal, lastLink, sealsOf } from "../db/seals";
import { isStaff } from "../db/staff";
import type { Queryable } from "../db/pool";
import { recordDefects } from "../upkeep/record-defects";
import { AppError } from "@/api/app-error";
import { objectUntil, sendCopy } from "../settlement/copies";
import { checkSignatures } from "../signing/check-signatures";
import { signHash } from "./keys";

/** What became of a seal: whether it stands, and how many named entries and photos are still to come. */
export interface SealOutcome {
  seal: string;
  toCome: number;
  standing: boolean;
}

/**
 * Takes the seal of a handover that both signed on one device. It is checked against the list and the entries that are
 * here; what the manifest names and is not here yet is counted as still to come. The first whole seal stands, a
 * second, different one is kept beside it for a person to settle.
 */
export async function sealHandover(db: Queryable, handoverId: string, request: SealRequest): Promise<SealOutcome> {
  await lockHandover(db, handoverId);
  const handover = await findHandover(db, handoverId);
  if (!handover) throw new AppError("no-such-handover");
  await checkSigners(db, handover, request);
  if (handover.kind === "prep") throw new AppError("prep-not-signed");
  const { manifest, signatures } = request;
  if (manifest.handover !== handoverId) throw new AppError("signed-other-handover", {}, "/manifest/handover");
  if (manifest.listHash !== handover.listHash) throw new AppError("signed-other-list", {}, "/manifest/listHash");
  const digest = manifestDigest(manifest);
  if (sealOf(digest, signatures) !== request.seal) throw new AppError("wrong-seal", {}, "/seal");
  const existing = await sealsOf(db, handoverId);
  const same = existing.find((row) => row.seal === request.seal);
  const toCome = await countToCome(db, handoverId, request);
  if (same) return { seal: same.seal, toCome, standing: same.number === 1 };
  const number = existing.length + 1;
  const receivedAt = now();
  const sealId = await addSeal(db, handoverId, {
    manifest,
    digest,
    signatures,
    seal: request.seal,
    device: request.device,
    sealedAt: request.sealedAt,
    receivedAt,
    number,
    contents: request.contents,
    signers: signersOf(manifest.without ?? null),
  });
  await appendChainLink(db, handover, sealId, request.seal, receivedAt);
  await moveLateEntries(db, handover, manifest);
  await recordDefects(db, handoverId);
  if (manifest.without && number === 1)
    await sendCopy(db, handover.stayId, "check-out", manifest.without, await objectUntil(db, receivedAt));
  return { seal: request.seal, toCome, standing: number === 1 };
}

async function checkSigners(
  db: Queryable,
  handover: HandoverRow,
  { manifest, signatures, contents }: SealRequest,
): Promise<void> {
  const stay = await findStay(db, { stayId: handover.stayId });
  if (manifest.without && handover.kind !== "check-out") throw new AppError("needs-skipper", {}, "/manifest/without");
  for (const signature of checkSignatures(manifest.without ?? null, signatures, contents)) {
    const { side } = signature;
    if (side === "skipper" && signature.person !== stay?.skipperId && signature.person !== stay?.chartererId) {
      throw new AppError("wrong-signer", { side: "skipper" }, "/signatures");
    }
    if (side === "base") {
      if (!(await isStaff(db, signature.person))) throw new AppError("wrong-signer", { side: "base" }, "/signatures");
    }
  }
}

async function countToCome(db: Queryable, handoverId: string, { manifest }: SealRequest): Promise<number> {
  const here = new Map((await entriesAfter(db, handoverId, 0)).map(({ entry }) => [entry.id, entryHash(entry)]));
  let missing = 0;
  for (const { id, hash } of manifest.entries) {
    const have = here.get(id);
    if (have !== undefined && have !== hash) throw new AppError("entry-differs", { id });
    if (have === undefined) missing += 1;
  }
  return missing + manifest.photos.length - (await photosHere(db, manifest.photos)).size;
}

async function appendChainLink(
  db: Queryable,
  handover: HandoverRow,
  sealId: string,
  seal: string,
  receivedAt: string,
): Promise<void> {
  await takeTurns(db, `chain ${handover.yachtId}`);
  const last = await lastLink(db, handover.yachtId);
  const previous = last?.hash ?? null;
  const hash = chainLink(previous, seal, receivedAt);
  const signature = signHash(handover.baseId, hash);
  await addLink(db, handover.yachtId, sealId, {
    number: (last?.number ?? 0) + 1,
    previous,
    hash,
    receivedAt,
    signature,
  });
}

/**
 * Entries that reached the base but were not part of what was signed (another device had them) are copied beside the
 * record as late entries; the record is read by its manifest from then on.
 */
async function moveLateEntries(db: Queryable, handover: HandoverRow, manifest: SealRequest["manifest"]): Promise<void> {
  const named = new Set(manifest.entries.map((entry) => entry.id));
  const known = new Set((await addendaOf(db, handover.id)).map((addendum) => addendum.id));
  for (const { entry, receivedAt } of await entriesAfter(db, handover.id, 0)) {
    if (named.has(entry.id) || known.has(entry.id)) continue;
    await addLateEntry(db, handover.id, entry, entryHash(entry), receivedAt);
  }
}
