import type { AgreedField, People } from "./agreed-fields";

/** A new charter as far as it was typed on this device. */
export interface KeptCharter {
  typed: Partial<Record<AgreedField, string>>;
  people: People;
  /** how many of which extra, by its key */
  extras: Record<string, string>;
}

/** A charter that was begun, out of its text; null for a text that holds none. */
export function keptCharter(text: string | null): KeptCharter | null {
  try {
    const kept = JSON.parse(text ?? "null") as Partial<KeptCharter> | null;
    return kept?.typed && kept.people && kept.extras ? (kept as KeptCharter) : null;
  } catch {
    return null;
  }
}
