import "server-only";
import { entryHash } from "@/core/handover/entry";
import { chainLink, manifestDigest, sealOf, type Manifest } from "@/core/handover/seal";
import type { StandingProblem } from "@/core/handover/standing";
import type { DeviceGrant } from "@/api/callers";
import type { SealRequest } from "@/api/schemas/handover";
import { now } from "../clock";
import { findStay } from "../db/charters";
import { entriesAfter, takeInLate } from "../db/entries";
import { addLateEntry } from "../db/addenda";
import { addendaOf, findHandover, lockHandover, type HandoverRow } from "../db/handovers";
import { takeTurns } from "../db/locks";
import { photosHere } from "../db/photos";
import { addExamination, addLink, addSeal, effectiveSeal, lastLink, sealsOf, signatureContents } from "../db/seals";
import { askFollowUp } from "../db/follow-ups";
import type { Queryable } from "../db/pool";
import { AppError } from "@/api/app-error";
import { examine } from "./examine";
import { signForBase } from "../keys/signing";
import { signerProblems } from "./signer-problems";

/** What became of a seal: whether it stands and if not why, and how many named entries and photos are still to come. */
export interface SealOutcome {
  seal: string;
  toCome: number;
  standing: boolean;
  problems: StandingProblem[];
}

/**
 * Takes the seal of a handover that both signed on one device. What is no seal of this handover is refused; one that is,
 * and against which something speaks, is kept as received and does not stand until a person settles it. The first sound
 * seal stands, a second, different one is kept beside it.
 *
 * @param grant the device it comes from, whose person signs for the base
 */
export async function sealHandover(
  db: Queryable,
  handoverId: string,
  request: SealRequest,
  grant: Pick<DeviceGrant, "id" | "personId">,
): Promise<SealOutcome> {
  await lockHandover(db, handoverId);
  const handover = await findHandover(db, handoverId);
  const stay = handover && (await findStay(db, { stayId: handover.stayId }));
  if (!handover || !stay) throw new AppError("no-such-handover");
  const { manifest, signatures, contents } = request;
  const digest = checkedDigest(handover, request);
  const existing = await sealsOf(db, handoverId);
  const same = existing.find((row) => row.seal === request.seal);
  const witness = contents.witness?.name.trim() ?? "";
  const examined = await examine(db, handover, stay, { manifest, device: request.device, witness });
  const toCome = examined.toCome + manifest.photos.length - (await photosHere(db, manifest.photos)).size;
  if (same) return outcomeOf(db, handoverId, same, toCome);
  const receivedAt = now();
  const sealId = await addSeal(db, handoverId, {
    manifest,
    digest,
    signatures,
    seal: request.seal,
    device: request.device,
    sealedAt: request.sealedAt,
    receivedAt,
    number: existing.length + 1,
    grantId: grant.id,
    contents,
  });
  const problems = [...(await signerProblems(db, handover, stay, request, grant.personId)), ...examined.problems];
  await addExamination(db, sealId, {
    problems,
    clearance: examined.clearance,
    differ: examined.differ,
    at: receivedAt,
  });
  await appendChainLink(db, handover, sealId, request.seal, receivedAt);
  await settleRecord(db, handoverId);
  return outcomeOf(db, handoverId, { seal: request.seal, problems }, toCome);
}

/**
 * Looks again at records that waited for entries, now that some have come. Who signed was looked at when they arrived.
 */
export async function examineAgain(db: Queryable, handoverId: string): Promise<void> {
  await lockHandover(db, handoverId);
  const waiting = (await sealsOf(db, handoverId)).filter(({ problems }) => problems.includes("entries-to-come"));
  const handover = waiting.length > 0 ? await findHandover(db, handoverId) : null;
  const stay = handover && (await findStay(db, { stayId: handover.stayId }));
  if (!handover || !stay) return;
  for (const { id, manifest, device, problems } of waiting) {
    const witness = (await signatureContents(db, id)).witness?.name.trim() ?? "";
    const examined = await examine(db, handover, stay, { manifest, device, witness });
    if (examined.toCome > 0) continue;
    const signers = problems.filter((each) => each !== "entries-to-come");
    await addExamination(db, id, {
      problems: [...signers, ...examined.problems],
      clearance: examined.clearance,
      differ: examined.differ,
      at: now(),
    });
  }
  await settleRecord(db, handoverId);
}

/**
 * Brings a handover in line with the record that stands now: what it names and had come late is taken in, what it does
 * not name stands beside it, and what follows from it is asked for.
 */
export async function settleRecord(db: Queryable, handoverId: string): Promise<void> {
  const seal = await effectiveSeal(db, handoverId);
  if (!seal) return;
  await takeInLate(
    db,
    handoverId,
    seal.manifest.entries.map(({ id }) => id),
  );
  await moveLateEntries(db, handoverId, seal.manifest);
  await askFollowUp(db, handoverId, "defects", now());
  if (seal.manifest.without) await askFollowUp(db, handoverId, "copy", now());
}

function checkedDigest(handover: HandoverRow, { manifest, signatures, seal }: SealRequest): string {
  if (handover.kind === "prep") throw new AppError("prep-not-signed");
  if (manifest.handover !== handover.id) throw new AppError("signed-other-handover", {}, "/manifest/handover");
  if (manifest.listHash !== handover.listHash) throw new AppError("signed-other-list", {}, "/manifest/listHash");
  const digest = manifestDigest(manifest);
  if (sealOf(digest, signatures) !== seal) throw new AppError("wrong-seal", {}, "/seal");
  return digest;
}

async function outcomeOf(
  db: Queryable,
  handoverId: string,
  { seal, problems }: { seal: string; problems: StandingProblem[] },
  toCome: number,
): Promise<SealOutcome> {
  const standing = (await effectiveSeal(db, handoverId))?.seal === seal;
  return { seal, toCome, standing, problems: standing ? [] : problems };
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
  const { signature, keyNumber } = await signForBase(db, handover.baseId, hash);
  await addLink(db, handover.yachtId, sealId, {
    number: (last?.number ?? 0) + 1,
    previous,
    hash,
    receivedAt,
    signature,
    keyNumber,
  });
}

/**
 * Entries that reached the base but are not part of what stands (another device had them) are copied beside the record
 * as late entries; the record is read by its manifest from then on.
 */
async function moveLateEntries(db: Queryable, handoverId: string, manifest: Manifest): Promise<void> {
  const named = new Set(manifest.entries.map((entry) => entry.id));
  const known = new Set((await addendaOf(db, handoverId)).map((addendum) => addendum.id));
  for (const { entry, receivedAt } of await entriesAfter(db, handoverId, 0)) {
    if (named.has(entry.id) || known.has(entry.id)) continue;
    await addLateEntry(db, handoverId, entry, entryHash(entry), receivedAt);
  }
}
