"use client";
import { useEffect, useState } from "react";
import type { BookStore } from "../store/book-store";

/** A photo of the boat book: as this device keeps it, so that it is there without signal. */
export function KeptPhoto({ store, hash, alt }: { store: BookStore; hash: string; alt: string }) {
  const [address, setAddress] = useState<string | null>(null);
  useEffect(() => {
    let made: string | null = null;
    let gone = false;
    void store.photo(hash).then((bytes) => {
      if (gone || !bytes) return;
      made = URL.createObjectURL(bytes);
      setAddress(made);
    });
    return () => {
      gone = true;
      if (made) URL.revokeObjectURL(made);
    };
  }, [store, hash]);
  // private evidence is shown from the device's own store, never through an optimiser's cache
  // eslint-disable-next-line @next/next/no-img-element
  return address && <img src={address} alt={alt} />;
}
