import { useSyncExternalStore } from "react";

const wide = "(min-width: 1000px)";

/** Whether the screen is wide enough for her plan beside what is read. */
export const useWide = (): boolean =>
  useSyncExternalStore(
    (listener) => {
      const query = window.matchMedia(wide);
      query.addEventListener("change", listener);
      return () => query.removeEventListener("change", listener);
    },
    () => window.matchMedia(wide).matches,
    () => false,
  );
