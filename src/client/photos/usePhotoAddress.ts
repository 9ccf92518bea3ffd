import { useEffect, useState } from "react";
import type { PhotoSource } from "./photo-source";

/** An address for a photo's bytes while it is on the screen; null until they are here, and where they cannot be had. */
export function usePhotoAddress(source: PhotoSource, hash: string): string | null {
  const [address, setAddress] = useState<string | null>(null);
  useEffect(() => {
    let made: string | null = null;
    let gone = false;
    source(hash)
      .then((bytes) => {
        if (gone || !bytes) return;
        made = URL.createObjectURL(bytes);
        setAddress(made);
      })
      .catch(() => undefined);
    return () => {
      gone = true;
      if (made) URL.revokeObjectURL(made);
    };
  }, [source, hash]);
  return address;
}
