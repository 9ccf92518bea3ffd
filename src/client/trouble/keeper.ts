import type { CallAnswer } from "@/core/faults/call";
import type { KnownFault } from "@/core/faults/known";
import type { Chances } from "@/core/faults/next-check";
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
  /** what the base answered, oldest first */
  answers: readonly CallAnswer[];
  /** faults that the base knows of on her */
  known: readonly KnownFault[];
  /** how likely each check is the cause, by fault, where the base has learned something */
  learned: Readonly<Record<string, Chances>>;
  /** gives the id of the entry */
  write: (said: SaidOfTrouble) => Promise<string>;
  wayOf: (id: string) => Way | null;
}
