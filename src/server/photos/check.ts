import "server-only";
import sharp from "sharp";
import { isPictureAlone } from "./inside";
import { sha256Hex } from "@/core/basics/digest";
import type { PhotoRow } from "../db/photos";
import { AppError } from "@/api/app-error";
import type { ErrorCode } from "@/api/errors";

export const photoLimits = { bytes: 400_000, longestSidePx: 1600 };
const formats: Record<string, string> = { jpeg: "image/jpeg", webp: "image/webp" };

/**
 * Decodes a photo to check it; nothing is re-encoded, as its name is the hash of exactly these bytes.
 *
 * @throws AppError for what is no photo, too large in bytes or pixels, or still carries place and camera data
 */
export async function checkPhoto(bytes: Uint8Array, claimedHash: string): Promise<PhotoRow> {
  const refuse = (code: ErrorCode) => new AppError(code, {}, "photo");
  if (bytes.byteLength > photoLimits.bytes) throw new AppError("photo-too-large");
  if (bytes.byteLength === 0) throw refuse("photo-empty");
  if (sha256Hex(bytes) !== claimedHash) throw refuse("photo-other-bytes");
  const image = sharp(bytes, { limitInputPixels: photoLimits.longestSidePx ** 2, failOn: "error" });
  // the head alone is read without the limit, so that a picture of too many pixels is told from one that is none
  const about = await sharp(bytes, { limitInputPixels: false })
    .metadata()
    .catch(() => null);
  const mediaType = formats[about?.format ?? ""];
  if (!about?.width || !about.height || !mediaType) throw refuse("no-photo");
  if (Math.max(about.width, about.height) > photoLimits.longestSidePx) throw refuse("photo-too-many-pixels");
  if (about.exif || about.iptc || about.xmp) throw refuse("photo-with-metadata");
  const thumbnail = await image
    .resize(240, 240, { fit: "inside" })
    .webp({ quality: 70 })
    .toBuffer()
    .catch(() => null);
  if (!thumbnail) throw refuse("photo-damaged");
  if (!isPictureAlone(bytes, mediaType)) throw refuse("photo-with-metadata");
  return { hash: claimedHash, mediaType, width: about.width, height: about.height, thumbnail };
}
