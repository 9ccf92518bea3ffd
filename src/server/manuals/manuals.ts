import "server-only";
import { AppError } from "@/api/app-error";
import type { CharterSession, DeviceGrant, StaffSession } from "@/api/callers";
import { sha256Hex } from "@/core/basics/digest";
import { addManual, manualBytes, manualIsOf } from "../db/manuals";
import type { Queryable } from "../db/pool";
import { disposition } from "../http/disposition";

/** A PDF says so in its first bytes and ends with its end mark (ISO 32000-1, 7.5.2 and 7.5.5; readers allow some bytes after it). */
function isPdf(bytes: Uint8Array): boolean {
  const text = (part: Uint8Array) => Buffer.from(part).toString("latin1");
  return text(bytes.subarray(0, 5)) === "%PDF-" && text(bytes.subarray(-1024)).includes("%%EOF");
}

/**
 * Keeps a manual under the hash of its bytes.
 *
 * @throws AppError for what is no whole PDF, and for bytes that are not those of the hash
 */
export async function keepManual(
  db: Queryable,
  hash: string,
  bytes: Uint8Array,
  { personId }: StaffSession,
): Promise<Record<string, never>> {
  if (!isPdf(bytes)) throw new AppError("no-pdf");
  if (sha256Hex(bytes) !== hash) throw new AppError("manual-other-bytes");
  await addManual(db, hash, bytes, personId);
  return {};
}

/** A manual as it was kept. Charters and devices have those of their own yacht. */
export async function manualFor(
  db: Queryable,
  hash: string,
  reader: DeviceGrant | StaffSession | CharterSession,
): Promise<Response> {
  const mayRead =
    reader.kind === "staff" ||
    (await manualIsOf(
      db,
      hash,
      reader.kind === "charter" ? { charterId: reader.charterId } : { handoverId: reader.handoverId },
    ));
  const bytes = mayRead ? await manualBytes(db, hash) : null;
  if (!bytes) throw new AppError("no-such-manual");
  return new Response(new Uint8Array(bytes), {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": disposition("manual.pdf", "inline"),
      // whatever a PDF carries, it does not run as ours
      "content-security-policy": "sandbox; default-src 'none'",
    },
  });
}
