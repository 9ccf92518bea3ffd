import { createContext } from "react";
import { readPhoto } from "@/api/photos";
import { callForBytes } from "../api/call";

/** Gives a photo by its hash, or null where there is none to be had: from the base, or from what this device keeps. */
export type PhotoSource = (hash: string) => Promise<Blob | null>;

const fromBase: PhotoSource = (hash) =>
  callForBytes(readPhoto, { params: { hash }, query: { small: "yes" } }).catch(() => null);

/** Where the photos of a yacht's file come from; the boat book puts its own store here. */
export const PhotoSourceContext = createContext<PhotoSource>(fromBase);
