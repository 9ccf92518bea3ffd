import { useSyncExternalStore } from "react";

/** How the boat book is lit: for the day, for the night, or as the device is, which many turn dark at sunset. */
export const looks = ["day", "night", "device"] as const;
export type Look = (typeof looks)[number];

const key = "brinecove-look";
const changed = "brinecove-look-changed";
const dark = "(prefers-color-scheme: dark)";

export const lookNow = (): Look => looks.find((look) => look === localStorage.getItem(key)) ?? "day";

/** Lights the page; kept for the next time on this device. */
export function setLook(look: Look): void {
  localStorage.setItem(key, look);
  window.dispatchEvent(new Event(changed));
}

/** Lights the page as it is chosen. */
function light(): void {
  const look = lookNow();
  const isNight = look === "night" || (look === "device" && window.matchMedia(dark).matches);
  document.documentElement.dataset.look = isNight ? "night" : "day";
}

/** How many parts of the book show the light now. The night is the boat book's alone: it ends with the last of them. */
let shown = 0;

function keepLit(listener: () => void): () => void {
  const device = window.matchMedia(dark);
  const lit = () => {
    light();
    listener();
  };
  shown += 1;
  light();
  window.addEventListener(changed, lit);
  device.addEventListener("change", lit);
  return () => {
    window.removeEventListener(changed, lit);
    device.removeEventListener("change", lit);
    shown -= 1;
    if (shown === 0) delete document.documentElement.dataset.look;
  };
}

/** The look as it is chosen, in step wherever it is shown. */
export const useLook = (): Look => useSyncExternalStore(keepLit, lookNow, () => "day");
