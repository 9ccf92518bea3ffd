import "server-only";
import { strToU8, zipSync } from "fflate";
import { canonicalJson } from "@/core/basics/digest";
import type { SealedFile } from "@/core/handover/sealed-file";
import { photoBytes } from "../db/photos";
import type { Queryable } from "../db/pool";
import { sealedRecord } from "../record/record";
import { recordPdf } from "../pdf/record";
import { receiptOf } from "./receipt";
import { exportName, sealedFile } from "./sealed-file";
import { signatureDrawing } from "./signature-drawing";
import { disposition } from "../http/disposition";

/**
 * Everything of a sealed record as one zip: the record with its addenda, the same on paper, the photos by their hash,
 * the signatures with their drawings, and the base's receipt, which names every other file.
 */
export async function sealedZip(db: Queryable, handoverId: string): Promise<{ name: string; bytes: Uint8Array }> {
  const file = await sealedFile(db, handoverId);
  const files: Record<string, Uint8Array> = {
    "record.json": strToU8(canonicalJson(file)),
    "record.pdf": new Uint8Array((await recordPdf(db, handoverId)).bytes),
    ...(await photosOf(db, file)),
    ...(await signaturesOf(db, handoverId)),
  };
  const receipt = strToU8(JSON.stringify(await receiptOf(db, handoverId, file, files), null, 1));
  return {
    name: await exportName(db, file, "zip"),
    bytes: zipSync({ ...files, "receipt.json": receipt }, { level: 6 }),
  };
}

async function photosOf(db: Queryable, { manifest, addenda }: SealedFile): Promise<Record<string, Uint8Array>> {
  const photos: Record<string, Uint8Array> = {};
  const added = JSON.stringify(addenda).match(/\b[0-9a-f]{64}\b/g) ?? [];
  for (const hash of new Set([...manifest.photos, ...added])) {
    const photo = await photoBytes(db, hash, false);
    if (photo) photos[`photos/${hash}.jpg`] = new Uint8Array(photo.bytes);
  }
  return photos;
}

/** What was put on the glass, whose digest is the imprint in the record; what was erased is left out. */
async function signaturesOf(db: Queryable, handoverId: string): Promise<Record<string, Uint8Array>> {
  const { contents } = await sealedRecord(db, handoverId);
  return Object.fromEntries(
    Object.entries(contents).flatMap(([side, content]) => [
      [`signatures/${side}.json`, strToU8(canonicalJson(content))],
      [`signatures/${side}.svg`, strToU8(signatureDrawing(content))],
    ]),
  );
}

/** Everything of a sealed record as a zip file. */
export async function savedZip(db: Queryable, handoverId: string): Promise<Response> {
  const { name, bytes } = await sealedZip(db, handoverId);
  return new Response(new Uint8Array(bytes), {
    headers: { "content-type": "application/zip", "content-disposition": disposition(name) },
  });
}
