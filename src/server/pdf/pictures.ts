import "server-only";
import sharp from "sharp";
import type { Queryable } from "../db/pool";
import { photoBytes } from "../db/photos";

/** Pictures as JPEG, small enough for paper; those that have not arrived are left out. */
export async function picturesFor(
  db: Queryable,
  wanted: readonly { caption: string; photos: readonly string[]; note?: (hash: string) => string }[],
): Promise<{ bytes: Buffer; caption: string }[]> {
  const pictures: { bytes: Buffer; caption: string }[] = [];
  for (const { caption, photos, note } of wanted) {
    for (const hash of photos) {
      const photo = await photoBytes(db, hash, false);
      if (photo)
        pictures.push({
          caption: `${caption}${note?.(hash) ?? ""}`,
          bytes: await sharp(photo.bytes).resize(640, 480, { fit: "inside" }).jpeg({ quality: 75 }).toBuffer(),
        });
    }
  }
  return pictures;
}
