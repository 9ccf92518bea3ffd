"use client";
import { useEffect, useState } from "react";
import { findPhoto } from "./earlier";
import { useHandover } from "../store/handover-context";

/** A photo by its hash: from this device when it is here, else from the base. */
export function Photo({ hash, alt }: { hash: string; alt: string }) {
  const store = useHandover();
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    let made: string | null = null;
    let gone = false;
    const show = (bytes: Blob) => {
      if (gone) return;
      made = URL.createObjectURL(bytes);
      setUrl(made);
    };
    findPhoto(store, hash)
      .then((bytes) => bytes && show(bytes))
      .catch(() => undefined);
    return () => {
      gone = true;
      if (made) URL.revokeObjectURL(made);
    };
  }, [store, hash]);
  // a picture of this device's own store has no address that an image optimiser could reach
  // eslint-disable-next-line @next/next/no-img-element
  return url ? <img src={url} alt={alt} /> : <span>{alt}</span>;
}
