import Bowser from "bowser";

/** A browser and its system, out of what it calls itself; null where it says nothing that is known. */
export function browserOf(device: string): { browser: string; system: string } | null {
  const { browser, os } = Bowser.parse(device);
  return browser.name && os.name ? { browser: browser.name, system: os.name } : null;
}
