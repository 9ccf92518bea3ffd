import "server-only";

/** Application parts of a JPEG that say how to draw it: JFIF, colour profile, Adobe's colour transform. */
const drawnBy = new Set([0xe0, 0xe2, 0xee]);
const webpParts = new Set(["VP8 ", "VP8L", "VP8X", "ALPH", "ICCP"]);

/** Whether a file holds the picture and nothing else: no comments, no second picture, nothing after its end. */
export function isPictureAlone(bytes: Uint8Array, mediaType: string): boolean {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  return mediaType === "image/webp" ? isWebpAlone(bytes, view) : isJpegAlone(view);
}

/** Walks the parts of a JPEG (ITU T.81, annex B) to its end mark, which must be the file's last word. */
function isJpegAlone(view: DataView): boolean {
  let at = 2;
  while (at + 4 <= view.byteLength) {
    if (view.getUint8(at) !== 0xff) return false;
    const marker = view.getUint8(at + 1);
    if (marker === 0xff) {
      at += 1;
      continue;
    }
    const isStrange = marker === 0xfe || (marker >= 0xe0 && marker <= 0xef && !drawnBy.has(marker));
    if (isStrange) return false;
    at += 2 + view.getUint16(at + 2);
    if (marker === 0xda) at = endOfScan(view, at);
    if (at + 2 === view.byteLength) return view.getUint16(at) === 0xffd9;
  }
  return false;
}

/** Where the drawn data after a scan's head end: at the next mark that is neither a stuffed byte nor a restart. */
function endOfScan(view: DataView, from: number): number {
  for (let at = from; at + 1 < view.byteLength; at++) {
    if (view.getUint8(at) !== 0xff) continue;
    const next = view.getUint8(at + 1);
    if (next !== 0 && (next < 0xd0 || next > 0xd7)) return at;
  }
  return view.byteLength;
}

/** Walks the chunks of a WebP: known ones alone, and the file as long as it says. */
function isWebpAlone(bytes: Uint8Array, view: DataView): boolean {
  if (view.byteLength < 12 || view.getUint32(4, true) + 8 !== view.byteLength) return false;
  for (let at = 12; at + 8 <= view.byteLength;) {
    const name = String.fromCharCode(...bytes.subarray(at, at + 4));
    if (!webpParts.has(name)) return false;
    const size = view.getUint32(at + 4, true);
    at += 8 + size + (size % 2);
    if (at > view.byteLength) return false;
  }
  return true;
}
