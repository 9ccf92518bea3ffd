import "server-only";
import { digestOf } from "@/core/basics/digest";
import { writtenDigest, type Receipt } from "@/core/handover/receipt";
import type { SealedFile } from "@/core/handover/sealed-file";
import { strToU8, zipSync } from "fflate";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { photoBytes } from "../db/photos";
import { linkOfSeal } from "../db/seals";
import { jsonFile } from "../http/json-file";
import { publicKey, signHash } from "./keys";
import { sealedRecord } from "./record";

/** The sealed record as JSON, as `./brinecove calc compare` and `./brinecove verify` read it. */
export async function sealedFile(db: Queryable, handoverId: string): Promise<SealedFile> {
  const { list, entries, seal, addenda } = await sealedRecord(db, handoverId);
  // as it will be read again: instants as text
  return JSON.parse(
    JSON.stringify({
      format: "brinecove/record/1",
      list,
      entries,
      manifest: seal.manifest,
      signatures: seal.signatures,
      seal: seal.seal,
      sealedAt: seal.sealedAt,
      addenda,
    }),
  ) as SealedFile;
}

/** Everything of a sealed record as one zip: the record with its addenda, the photos by their hash, and the base's receipt. */
export async function sealedZip(db: Queryable, handoverId: string): Promise<{ name: string; bytes: Uint8Array }> {
  const file = await sealedFile(db, handoverId);
  const photos: Record<string, Uint8Array> = {};
  const added = JSON.stringify(file.addenda).match(/\b[0-9a-f]{64}\b/g) ?? [];
  for (const hash of new Set([...file.manifest.photos, ...added])) {
    const photo = await photoBytes(db, hash, false);
    if (photo) photos[`${hash}.jpg`] = new Uint8Array(photo.bytes);
  }
  const contents = {
    "record.json": strToU8(JSON.stringify(file, null, 1)),
    "receipt.json": strToU8(JSON.stringify(await receiptOf(db, handoverId, file), null, 1)),
    photos,
  };
  // pictures are packed already
  return { name: exportName(file, "zip"), bytes: zipSync(contents, { level: 6 }) };
}

/** What an exported record is called: "check-in-pale-heron.zip". */
export const exportName = ({ list }: Pick<SealedFile, "list">, ending: string) =>
  `${list.kind}-${list.yacht.name.toLowerCase().replaceAll(" ", "-")}.${ending}`;

async function receiptOf(db: Queryable, handoverId: string, file: SealedFile): Promise<Receipt> {
  const link = await linkOfSeal(db, handoverId, file.seal);
  if (!link) throw new Error("a seal without its link");
  const { baseId, ...receipt } = link;
  const addenda = file.addenda.map((addendum) => ({ id: (addendum as { id: string }).id, hash: digestOf(addendum) }));
  const written = { hash: receipt.hash, addenda, writtenAt: now() };
  return {
    format: "brinecove/receipt/1",
    yacht: file.list.yacht.name,
    seal: file.seal,
    ...receipt,
    ...written,
    writtenSignature: signHash(baseId, writtenDigest(written)),
    publicKey: publicKey(baseId),
  };
}

/** The sealed record as a JSON file. */
export async function savedRecord(db: Queryable, handoverId: string): Promise<Response> {
  const file = await sealedFile(db, handoverId);
  return jsonFile(file, exportName(file, "json"));
}

/** Everything of a sealed record as a zip file. */
export async function savedZip(db: Queryable, handoverId: string): Promise<Response> {
  const { name, bytes } = await sealedZip(db, handoverId);
  return new Response(new Uint8Array(bytes), {
    headers: { "content-type": "application/zip", "content-disposition": `attachment; filename="${name}"` },
  });
}
