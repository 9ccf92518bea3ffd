import { useSyncExternalStore } from "react";

/** How the boat book is lit: for the day, for the night, or as the device is, which many turn dark at sunset. */
export const looks = ["day", "night", "device"] as const;
export type Look = (typeof looks)[number];

const key = "brinecove-look";
const changed = "brinecove-look-changed";

export const lookNow = (): Look => looks.find((look) => look === localStorage.getItem(key)) ?? "day";

/** Lights the page; kept for the next time on this device. */
export function setLook(look: Look): void {
  localStorage.setItem(key, look);
  document.documentElement.dataset.look = look;
  window.dispatchEvent(new Event(changed));
}

/** The look as it is chosen, and kept in step where it can be changed in two places. */
export function useLook(): Look {
  return useSyncExternalStore(
    (listener) => {
      document.documentElement.dataset.look = lookNow();
      window.addEventListener(changed, listener);
      return () => {
        window.removeEventListener(changed, listener);
        // the night is the boat book's alone
        delete document.documentElement.dataset.look;
      };
    },
    lookNow,
    () => "day",
  );
}
