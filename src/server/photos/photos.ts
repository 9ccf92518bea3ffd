import "server-only";
import { AppError } from "@/api/app-error";
import type { CharterSession, DeviceGrant, StaffSession } from "@/api/callers";
import { findHandover } from "../db/handovers";
import { addPhoto, photoBelongsToCharter, photoBelongsToHandover, photoBytes, photosOn } from "../db/photos";
import { inBaseTransaction, type Queryable } from "../db/pool";
import { checkPhoto } from "./check";

/** What a record can name; a round of a large yacht takes fewer than two hundred. */
const mostOnHandover = 2000;

type Reader = DeviceGrant | StaffSession | CharterSession;

/** A photo as it is kept, or its thumbnail. A charter sees what is evidence in its own handovers, a device what belongs to the one it records on. */
export async function photoFor(db: Queryable, hash: string, small: boolean, reader: Reader): Promise<Response> {
  const mayRead =
    reader.kind === "staff" ||
    (reader.kind === "charter"
      ? await photoBelongsToCharter(db, hash, reader.charterId)
      : await photoBelongsToHandover(db, hash, reader.handoverId));
  if (!mayRead) throw new AppError("no-such-photo");
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
    if (handover !== null && (await photosOn(db, handover)) >= mostOnHandover)
      throw new AppError("photo-too-many", { most: mostOnHandover });
    await addPhoto(db, handover, photo, bytes);
  });
  return {};
}
