import "server-only";
import sharp from "sharp";
import { sha256Hex } from "@/core/basics/digest";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";

export const photoLimits = { bytes: 400_000, longestSidePx: 1600 };
const formats: Record<string, string> = { jpeg: "image/jpeg", webp: "image/webp" };

/** What a photo was found to be. */
export interface CheckedPhoto {
  hash: string;
  mediaType: string;
  width: number;
  height: number;
  thumbnail: Buffer;
}

/**
 * Decodes a photo to check it; nothing is re-encoded, as its name is the hash of exactly these bytes.
 *
 * @throws Refusal for what is no photo, too large in bytes or pixels, or still carries place and camera data
 */
export async function checkPhoto(bytes: Uint8Array, claimedHash: string): Promise<CheckedPhoto> {
  const refuse = (code: string, message: string) => new Refusal(422, code, message, "photo");
  if (bytes.byteLength > photoLimits.bytes)
    throw new Refusal(
      413,
      "photo-too-large",
      "A photo has 400 kB at most. The app makes them smaller by itself: take it again in the app.",
    );
  if (bytes.byteLength === 0)
    throw refuse("no-photo", "Nothing arrived in place of the photo. It is sent again by itself.");
  if (sha256Hex(bytes) !== claimedHash)
    throw refuse(
      "photo-other-bytes",
      "The photo arrived damaged: its bytes do not fit its name. It is sent again by itself.",
    );
  const image = sharp(bytes, { limitInputPixels: photoLimits.longestSidePx ** 2, failOn: "error" });
  // the head alone is read without the limit, so that a picture of too many pixels is told from one that is none
  const about = await sharp(bytes, { limitInputPixels: false })
    .metadata()
    .catch(() => null);
  const mediaType = formats[about?.format ?? ""];
  if (!about?.width || !about.height || !mediaType)
    throw refuse(
      "no-photo",
      "This is no photo that can be read. Take it with the camera, or choose a JPEG or WebP picture.",
    );
  if (Math.max(about.width, about.height) > photoLimits.longestSidePx)
    throw refuse(
      "photo-too-many-pixels",
      "This picture has too many pixels. The app makes photos smaller by itself: take it again in the app.",
    );
  if (about.exif || about.iptc || about.xmp)
    throw refuse(
      "photo-with-metadata",
      "This picture still carries where and with what it was taken. The app takes that off: choose it again in the app.",
    );
  const thumbnail = await image
    .resize(240, 240, { fit: "inside" })
    .webp({ quality: 70 })
    .toBuffer()
    .catch(() => null);
  if (!thumbnail) throw refuse("no-photo", "This picture is damaged and cannot be shown. Take it again.");
  return { hash: claimedHash, mediaType, width: about.width, height: about.height, thumbnail };
}

/** Keeps a checked photo under its hash; the same bytes again have no effect. */
export async function keepPhoto(
  db: Queryable,
  handoverId: string | null,
  photo: CheckedPhoto,
  bytes: Uint8Array,
): Promise<void> {
  await db.query(
    `insert into photo (hash, base_id, handover_id, media_type, width, height, bytes, thumbnail, received_at)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8) on conflict do nothing`,
    [photo.hash, handoverId, photo.mediaType, photo.width, photo.height, Buffer.from(bytes), photo.thumbnail, now()],
  );
}

/** A photo's bytes, or its thumbnail's. */
export async function photoBytes(
  db: Queryable,
  hash: string,
  thumbnail: boolean,
): Promise<{ bytes: Buffer; mediaType: string } | null> {
  const { rows } = await db.query<{ bytes: Buffer; mediaType: string }>(
    thumbnail
      ? `select thumbnail as bytes, 'image/webp' as "mediaType" from photo where hash = $1`
      : `select bytes, media_type as "mediaType" from photo where hash = $1`,
    [hash],
  );
  return rows[0] ?? null;
}

/** Which of some photos are here. */
export async function photosHere(db: Queryable, hashes: readonly string[]): Promise<Set<string>> {
  const { rows } = await db.query<{ hash: string }>("select hash from photo where hash = any($1)", [[...hashes]]);
  return new Set(rows.map((row) => row.hash));
}
