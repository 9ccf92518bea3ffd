import "server-only";
import { v7 as uuid } from "uuid";
import { entryHash } from "@/core/handover/entry";
import { chainLink, manifestDigest, sealOf, signersOf } from "@/core/handover/seal";
import type { SealRequest } from "@/formats/wire";
import { now } from "../clock";
import { findStay } from "../db/charters";
import { addendaOf, entriesAfter, findHandover, type HandoverRow } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { recordDefects } from "../upkeep/record-defects";
import { Refusal } from "../http/refusal";
import { objectUntil, sendCopy } from "../settlement/copies";
import { checkSignatures } from "./check-signatures";
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
  await db.query("select 1 from handover where id = $1 for update", [handoverId]);
  const handover = await findHandover(db, handoverId);
  if (!handover) throw new Refusal(404, "no-such-handover", "There is no such handover here.");
  await checkSigners(db, handover, request);
  if (handover.kind === "prep")
    throw new Refusal(422, "not-signed-so", "A prep is not signed by two: say that it is done.");
  const { manifest, signatures } = request;
  if (manifest.handover !== handoverId)
    throw new Refusal(422, "wrong-handover", "What was signed belongs to another handover.", "/manifest/handover");
  if (manifest.listHash !== handover.listHash)
    throw new Refusal(
      422,
      "wrong-list",
      "What was signed is not this handover's list. Open the handover again.",
      "/manifest/listHash",
    );
  const digest = manifestDigest(manifest);
  if (sealOf(digest, signatures) !== request.seal)
    throw new Refusal(422, "wrong-seal", "The seal does not fit what was signed. Sign again.", "/seal");
  const existing = await db.query<{ seal: string; number: number }>(
    "select seal, number from seal where handover_id = $1 order by number",
    [handoverId],
  );
  const same = existing.rows.find((row) => row.seal === request.seal);
  const toCome = await countToCome(db, handoverId, request);
  if (same) return { seal: same.seal, toCome, standing: same.number === 1 };
  const number = existing.rows.length + 1;
  const sealId = uuid();
  const receivedAt = now();
  await db.query(
    `insert into seal (id, base_id, handover_id, manifest, digest, signatures, seal, device, sealed_at, received_at, number)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9, $10)`,
    [
      sealId,
      handoverId,
      JSON.stringify(manifest),
      digest,
      JSON.stringify(signatures),
      request.seal,
      request.device,
      request.sealedAt,
      receivedAt,
      number,
    ],
  );
  for (const side of signersOf(manifest.without ?? null)) {
    await db.query(
      "insert into signature_content (seal_id, base_id, side, content) values ($1, current_base(), $2, $3)",
      [sealId, side, JSON.stringify(request.contents[side])],
    );
  }
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
  if (manifest.without && handover.kind !== "check-out")
    throw new Refusal(
      422,
      "needs-skipper",
      "Only a check-out is signed without the skipper. Nobody is handed a yacht who is not there.",
      "/manifest/without",
    );
  for (const signature of checkSignatures(manifest.without ?? null, signatures, contents)) {
    const { side } = signature;
    if (side === "skipper" && signature.person !== stay?.skipperId && signature.person !== stay?.chartererId) {
      throw new Refusal(
        422,
        "wrong-signer",
        "The skipper or the charterer of this charter signs on that side.",
        "/signatures",
      );
    }
    if (side === "base") {
      const { rowCount } = await db.query("select 1 from staff where person_id = $1 and active", [signature.person]);
      if (!rowCount) throw new Refusal(422, "wrong-signer", "Somebody of the base signs on that side.", "/signatures");
    }
  }
}

async function countToCome(db: Queryable, handoverId: string, { manifest }: SealRequest): Promise<number> {
  const here = new Map((await entriesAfter(db, handoverId, 0)).map(({ entry }) => [entry.id, entryHash(entry)]));
  let missing = 0;
  for (const { id, hash } of manifest.entries) {
    const have = here.get(id);
    if (have !== undefined && have !== hash)
      throw new Refusal(
        409,
        "entry-differs",
        `The entry ${id} here is not the one that was signed. Show this to the base manager.`,
      );
    if (have === undefined) missing += 1;
  }
  const { rows } = await db.query<{ hash: string }>("select hash from photo where hash = any($1)", [manifest.photos]);
  return missing + manifest.photos.length - rows.length;
}

async function appendChainLink(
  db: Queryable,
  handover: HandoverRow,
  sealId: string,
  seal: string,
  receivedAt: string,
): Promise<void> {
  await db.query("select pg_advisory_xact_lock(hashtext($1))", [`chain ${handover.yachtId}`]);
  const { rows } = await db.query<{ number: number; hash: string }>(
    "select number, hash from chain_link where yacht_id = $1 order by number desc limit 1",
    [handover.yachtId],
  );
  const previous = rows[0]?.hash ?? null;
  const hash = chainLink(previous, seal, receivedAt);
  await db.query(
    "insert into chain_link (yacht_id, base_id, number, seal_id, previous, hash, received_at, signature) values ($1, current_base(), $2, $3, $4, $5, $6, $7)",
    [handover.yachtId, (rows[0]?.number ?? 0) + 1, sealId, previous, hash, receivedAt, signHash(handover.baseId, hash)],
  );
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
    await db.query(
      `insert into addendum (id, base_id, handover_id, kind, content, content_hash, made_at, received_at, made_by)
       values ($1, current_base(), $2, 'late-entry', $3, $4, $5, $6, $7)`,
      [entry.id, handover.id, JSON.stringify(entry), entryHash(entry), entry.at, receivedAt, entry.by.person],
    );
  }
}
