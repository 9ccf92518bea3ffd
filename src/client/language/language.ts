import { useSyncExternalStore } from "react";
import { isLanguage, type Language } from "@/messages/languages";
import { usualLanguage } from "@/core/basics/languages";

const key = "brinecove-language";
const changed = "brinecove-language-changed";

/**
 * Where the choice is kept. On a handover it is that handover's alone: the base's tablet speaks with the next crew in
 * another language.
 */
function keyHere(): string {
  const { pathname, hash } = window.location;
  return pathname === "/handover" ? `${key}-${hash.slice(1).split("/")[0] ?? ""}` : key;
}

/** The language that was chosen on this device, or null where nobody has. */
export function keptLanguage(): Language | null {
  if (typeof localStorage === "undefined") return null;
  const kept = localStorage.getItem(keyHere()) ?? localStorage.getItem(key);
  return isLanguage(kept) ? kept : null;
}

/** The skipper's side; the desk is English, whatever book was opened in the same browser. */
const skippersPages: readonly string[] = ["/book", "/handover", "/aboard", "/join"];

/** The language that this page is shown in. */
export const languageNow = (): Language =>
  typeof window !== "undefined" && skippersPages.includes(window.location.pathname)
    ? (keptLanguage() ?? usualLanguage)
    : usualLanguage;

/** Chooses a language for this device; what is open changes at once. */
export function chooseLanguage(language: Language): void {
  localStorage.setItem(keyHere(), language);
  window.dispatchEvent(new Event(changed));
}

/** Takes the language that a link or a charter comes with, where nobody has chosen another on this device. */
export function proposeLanguage(language: string | null | undefined): void {
  if (keptLanguage() === null && isLanguage(language)) chooseLanguage(language);
}

function onChange(listener: () => void): () => void {
  window.addEventListener(changed, listener);
  window.addEventListener("hashchange", listener);
  return () => {
    window.removeEventListener(changed, listener);
    window.removeEventListener("hashchange", listener);
  };
}

/** The language of this device, in step wherever it is shown. */
export const useLanguage = (): Language => useSyncExternalStore(onChange, languageNow, () => usualLanguage);
