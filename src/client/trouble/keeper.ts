import type { TroubleEntry } from "@/core/faults/entry";

/** An entry without what its keeper knows by itself. */
export type SaidOfTrouble = TroubleEntry extends infer Entry
  ? Entry extends TroubleEntry
    ? Omit<Entry, "id" | "at">
    : never
  : never;

/** How far what was said has come: on this device alone, on its way, or refused with words. */
export interface Way {
  state: "waiting" | "there" | "refused";
  message: string;
}

/** Where a trouble's entries are kept: with the charter's log, or on this device alone. */
export interface TroubleKeeper {
  entries: readonly TroubleEntry[];
  /** gives the id of the entry */
  write: (said: SaidOfTrouble) => Promise<string>;
  wayOf: (id: string) => Way | null;
}
