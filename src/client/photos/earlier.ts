import { AppError } from "@/api/app-error";
import { readPhoto } from "@/api/photos";
import { callForBytes } from "../api/call";
import type { HandoverStore } from "../store/handover-store";

/** Hashes of the earlier photos that a handover shows: of its sides, its known marks, and what the check-in recorded. */
function earlierPhotos({ bundle: { list, before } }: Pick<HandoverStore, "bundle">): string[] {
  const ofLines = list.lines.flatMap((line) => (line.kind === "view" || line.kind === "mark" ? line.photos : []));
  return [...new Set([...ofLines, ...Object.values(before).flatMap((each) => each.photos)])];
}

/**
 * A photo by its hash: from this device when it is here, else a small copy from the base, which then stays here.
 * Null where neither has it.
 */
export async function findPhoto(store: HandoverStore, hash: string): Promise<Blob | null> {
  const kept = (await store.db.photos.get(hash)) ?? (await store.db.earlier.get(hash));
  if (kept) return kept.bytes;
  const bytes = await callForBytes(readPhoto, {
    params: { hash },
    query: { handover: store.bundle.list.handover, small: "yes" },
    grant: store.grant,
  }).catch((error: unknown) => {
    // what the base has not got either is not here; without signal it is asked for again
    if (error instanceof AppError) return null;
    throw error;
  });
  if (!bytes) return null;
  // a device without room still shows it while there is signal
  await store.db.earlier.put({ hash, bytes }).catch(() => undefined);
  return bytes;
}

/** Brings the earlier photos of a handover onto the device, one after the other; what could not be had is asked for at the next opening. */
export async function keepEarlierPhotos(store: HandoverStore): Promise<void> {
  for (const hash of earlierPhotos(store)) await findPhoto(store, hash);
}
