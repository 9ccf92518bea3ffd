"use client";
import { useCallback } from "react";
import { useHandover } from "../store/handover-context";
import { findPhoto } from "./earlier";
import { usePhotoAddress } from "./usePhotoAddress";

/** A photo by its hash: from this device when it is here, else from the base. */
export function Photo({ hash, alt }: { hash: string; alt: string }) {
  const store = useHandover();
  const address = usePhotoAddress(
    useCallback((each: string) => findPhoto(store, each), [store]),
    hash,
  );
  // a picture of this device's own store has no address that an image optimiser could reach
  // eslint-disable-next-line @next/next/no-img-element
  return address ? <img src={address} alt={alt} /> : <span>{alt}</span>;
}
