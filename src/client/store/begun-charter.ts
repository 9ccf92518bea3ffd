const key = "brinecove-new-charter";

/** What is kept of a charter that was begun on this device, as its text; null where none was. */
export function begunCharter(): string | null {
  try {
    return localStorage.getItem(key);
  } catch {
    return null;
  }
}

/** Keeps the text of a charter that is being typed; a device that keeps nothing loses nothing else. */
export function keepBegunCharter(text: string): void {
  try {
    localStorage.setItem(key, text);
  } catch {
    // a full store
  }
}

/** Forgets it: it is entered, begun anew, or somebody else uses the device now. */
export const forgetBegunCharter = (): void => localStorage.removeItem(key);
