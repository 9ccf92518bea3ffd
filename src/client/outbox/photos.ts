import type { EntityTable } from "dexie";
import { AppError } from "@/api/app-error";
import { putPhoto } from "@/api/photos";
import { call } from "../api/call";

/** A photo on its way to the base, under the hash of its bytes. */
export interface OutPhoto {
  hash: string;
  bytes: Blob;
  state: "waiting" | "there" | "refused";
  message?: string | null;
}

/** The photos of one store of this device. */
export interface PhotoLane<Row extends OutPhoto> {
  table: EntityTable<Row, "hash">;
  /** the handover whose photo it is, and the right of its device */
  right: (photo: Row) => { handover?: string; grant?: string };
  isOurs?: (photo: Row) => boolean;
  /** called after each that was answered */
  onAnswered?: () => Promise<void>;
}

/**
 * Sends the photos that wait, one by one. What the base refuses for good is kept with the reason and holds up no other.
 *
 * @throws AppError when the base cannot take any now, or does not know this device; TypeError without connection
 */
export async function sendPhotos<Row extends OutPhoto>({
  table,
  right,
  isOurs = () => true,
  onAnswered,
}: PhotoLane<Row>): Promise<void> {
  const waiting = (await table.where("state").equals("waiting").toArray()) as Row[];
  for (const photo of waiting.filter(isOurs)) {
    const { handover, grant } = right(photo);
    const answered = await call(putPhoto, {
      params: { hash: photo.hash },
      query: { handover },
      body: photo.bytes,
      ...(grant === undefined ? {} : { grant }),
    }).then(
      () => ({ state: "there" as const }),
      (error: unknown) => {
        if (!(error instanceof AppError) || error.status >= 500 || error.status === 401) throw error;
        return { state: "refused" as const, message: error.message };
      },
    );
    await table
      .where("hash")
      .equals(photo.hash)
      .modify(answered as never);
    await onAnswered?.();
  }
}
