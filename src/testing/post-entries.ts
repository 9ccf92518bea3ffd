import type { ItemAnswer } from "../api/schemas/book";
import { takeEntries } from "../server/items/entries";

/** Entries as a device posts them: of the base, or for one person of the skipper's side alone. */
export const postEntries = (
  baseId: string,
  handoverId: string,
  entries: readonly unknown[],
  onlyFor: string | null = null,
): Promise<ItemAnswer[]> => takeEntries({ baseId, handoverId, onlyFor }, entries);
