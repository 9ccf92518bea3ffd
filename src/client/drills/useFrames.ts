import { useEffect, useSyncExternalStore } from "react";
import type { Paced } from "./paced";

/** Lets something go on with the frames of the page, drawn anew with each. */
export function useFrames(paced: Paced): void {
  useSyncExternalStore(paced.subscribe, paced.snapshot, paced.snapshot);
  useEffect(() => {
    let frame = requestAnimationFrame(function next(nowMs) {
      paced.tick(nowMs);
      frame = requestAnimationFrame(next);
    });
    return () => cancelAnimationFrame(frame);
  }, [paced]);
}
