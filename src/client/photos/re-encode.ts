import exifr from "exifr/dist/lite.esm.mjs";
import { sha256Hex } from "@/core/basics/digest";
import type { ReadyPhoto } from "../store/ready-photo";

const longestSidePx = 1600;
const mostBytes = 400_000;
const mostFileBytes = 40_000_000;

/** Why a picture cannot be taken; the words are in the message catalogue. */
export class PhotoError extends Error {
  constructor(readonly reason: "too-large" | "no-photo") {
    super(reason);
  }
}

/**
 * Makes a chosen picture small enough to keep: the time of capture is read first, then it is drawn anew, which leaves
 * all metadata behind.
 *
 * @throws PhotoError for a file above 40 MB or one that is no picture
 */
export async function readyPhoto(file: File, from: "camera" | "file"): Promise<ReadyPhoto> {
  if (file.size > mostFileBytes) throw new PhotoError("too-large");
  const takenAt = await captureTime(file);
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new PhotoError("no-photo");
  });
  let side = Math.min(longestSidePx, Math.max(bitmap.width, bitmap.height));
  try {
    for (let quality = 0.86; ; quality -= 0.12) {
      const bytes = await drawn(bitmap, side, Math.max(quality, 0.3));
      if (bytes.size <= mostBytes)
        return { hash: sha256Hex(new Uint8Array(await bytes.arrayBuffer())), bytes, takenAt, from };
      if (quality < 0.4) side = Math.round(side * 0.8);
    }
  } finally {
    bitmap.close();
  }
}

async function drawn(bitmap: ImageBitmap, side: number, quality: number): Promise<Blob> {
  const scale = side / Math.max(bitmap.width, bitmap.height);
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(bitmap.width * scale)),
    Math.max(1, Math.round(bitmap.height * scale)),
  );
  canvas.getContext("2d")?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  return canvas.convertToBlob({ type: "image/jpeg", quality });
}

async function captureTime(file: File): Promise<string | null> {
  const about = await exifr.parse(file, ["DateTimeOriginal"]).catch(() => undefined);
  const at = about?.DateTimeOriginal;
  return at instanceof Date && !Number.isNaN(at.getTime()) ? at.toISOString() : null;
}
