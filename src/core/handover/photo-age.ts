import { cellOf, type Folded } from "./fold";
import type { HandoverList } from "./list";

/** Whether a photo was taken before its handover was opened, by the time of capture that it carried: a picture out of the gallery that may show another day. */
export function isOlderPhoto(list: HandoverList, folded: Folded, subject: string, hash: string): boolean {
  const takenAt = cellOf(folded, subject, `photo:${hash}`)?.value?.takenAt ?? null;
  return takenAt !== null && list.openedAt !== undefined && Date.parse(takenAt) < Date.parse(list.openedAt);
}

/** Whether a photo was chosen from the gallery rather than taken with the camera. */
export function isFromGallery(folded: Folded, subject: string, hash: string): boolean {
  return cellOf(folded, subject, `photo:${hash}`)?.value?.from === "file";
}
