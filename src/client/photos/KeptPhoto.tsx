"use client";
import { useContext } from "react";
import { PhotoSourceContext } from "./photo-source";
import { usePhotoAddress } from "./usePhotoAddress";

/** A photo as this device keeps it, so that it is there without signal. */
export function KeptPhoto({ hash, alt }: { hash: string; alt: string }) {
  const address = usePhotoAddress(useContext(PhotoSourceContext), hash);
  // private evidence is shown from the device's own store, never through an optimiser's cache
  // eslint-disable-next-line @next/next/no-img-element
  return address && <img src={address} alt={alt} />;
}
