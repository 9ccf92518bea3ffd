import { useState } from "react";
import type { ReadyPhoto } from "../store/ready-photo";

/** Photos chosen in a form, made small as they come; the same picture counts once. Some may be there already. */
export function usePhotos(first: readonly ReadyPhoto[] = []) {
  const [photos, setPhotos] = useState<readonly ReadyPhoto[]>(first);
  const [fault, setFault] = useState<"too-large" | "no-photo" | null>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    const { readyPhoto, PhotoError } = await import("./re-encode");
    try {
      const ready = await readyPhoto(file, "file");
      setPhotos((before) => [...before.filter((each) => each.hash !== ready.hash), ready]);
      setFault(null);
    } catch (error) {
      if (!(error instanceof PhotoError)) throw error;
      setFault(error.reason);
    }
  };
  return { photos, fault, take, clear: () => setPhotos([]) };
}
