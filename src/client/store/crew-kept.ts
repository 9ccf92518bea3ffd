const keyOf = (stayId: string) => `brinecove-crew-${stayId}`;

/** What was typed of a crew on this device and is not at the base yet; null where nothing is. */
export function keptCrew(stayId: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(keyOf(stayId)) ?? "null");
  } catch {
    return null;
  }
}

/** Keeps what is typed of a crew; a device that keeps nothing loses nothing else. */
export function keepCrew(stayId: string, typed: object): void {
  try {
    localStorage.setItem(keyOf(stayId), JSON.stringify(typed));
  } catch {
    // a full store
  }
}

/** Forgets it: the base has it, or the book leaves this device. */
export const forgetCrew = (stayId: string): void => localStorage.removeItem(keyOf(stayId));
