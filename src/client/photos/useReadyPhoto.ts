import { useState } from "react";
import type { ReadyPhoto } from "../store/ready-photo";

export type PhotoFault = "too-large" | "no-photo";

/** Makes a chosen picture small; `ready` answers null where it is none or too large, and `fault` says which. */
export function useReadyPhoto() {
  const [fault, setFault] = useState<PhotoFault | null>(null);
  const ready = async (file: File, from: ReadyPhoto["from"]): Promise<ReadyPhoto | null> => {
    setFault(null);
    const { readyPhoto, PhotoError } = await import("./re-encode");
    try {
      return await readyPhoto(file, from);
    } catch (error) {
      if (!(error instanceof PhotoError)) throw error;
      setFault(error.reason);
      return null;
    }
  };
  return { fault, ready };
}
