import "server-only";
import { AppError } from "@/api/app-error";
import type { CharterSession, DeviceGrant, StaffSession } from "@/api/callers";
import { findHandover } from "../db/handovers";
import { addPhoto, photoBelongsToCharter, photoBytes } from "../db/photos";
import { inBaseTransaction, type Queryable } from "../db/pool";
import { checkPhoto } from "./check";

type Reader = DeviceGrant | StaffSession | CharterSession;

/** A photo as it is kept, or its thumbnail. A charter sees what is evidence in its own handovers. */
export async function photoFor(db: Queryable, hash: string, small: boolean, reader: Reader): Promise<Response> {
  if (reader.kind === "charter" && !(await photoBelongsToCharter(db, hash, reader.charterId)))
    throw new AppError("no-such-photo");
  const photo = await photoBytes(db, hash, small);
  if (!photo) throw new AppError("photo-not-here");
  return new Response(new Uint8Array(photo.bytes), { headers: { "content-type": photo.mediaType } });
}

/** Checks a photo and keeps it under the hash of its bytes: of a handover, or of a yacht's file where none is named. */
export async function keepPhotoFrom(
  hash: string,
  handover: string | null,
  bytes: Uint8Array,
  { baseId }: Reader,
): Promise<Record<string, never>> {
  // decoding takes a while: no connection is held meanwhile
  const photo = await checkPhoto(bytes, hash);
  await inBaseTransaction(baseId, async (db) => {
    if (handover !== null && !(await findHandover(db, handover))) throw new AppError("no-such-handover");
    await addPhoto(db, handover, photo, bytes);
  });
  return {};
}
