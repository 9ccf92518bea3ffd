import { useState } from "react";
import type { ReadyPhoto } from "../store/ready-photo";
import { useReadyPhoto } from "./useReadyPhoto";

/** Photos chosen in a form, made small as they come; the same picture counts once. Some may be there already. */
export function usePhotos(first: readonly ReadyPhoto[] = []) {
  const [photos, setPhotos] = useState<readonly ReadyPhoto[]>(first);
  const { fault, ready } = useReadyPhoto();
  const take = async (file: File | undefined) => {
    const photo = file && (await ready(file, "file"));
    if (photo) setPhotos((before) => [...before.filter((each) => each.hash !== photo.hash), photo]);
  };
  return { photos, fault, take, clear: () => setPhotos([]) };
}
