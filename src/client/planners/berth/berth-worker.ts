import type { BerthingInput } from "@/core/berthing/schema";
import { shownBerthing } from "@/core/berthing/shown";

/** Tries manoeuvres beside the screen, which never waits for it. */
addEventListener("message", ({ data }: MessageEvent<BerthingInput>) => {
  try {
    postMessage({ shown: shownBerthing(data, (done, of) => postMessage({ done, of })) });
  } catch (error) {
    postMessage({ fault: (error as Error).message });
  }
});
