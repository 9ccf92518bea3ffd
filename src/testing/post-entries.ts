import { randomUUID } from "node:crypto";
import type { Entry } from "../core/handover/entry";
import type { ItemAnswer } from "../api/schemas/book";
import { takeEntries } from "../server/items/entries";

/** Entries as a device posts them: of the base, made out to whoever its first entry is by, or for one person of the skipper's side alone. */
export const postEntries = (
  baseId: string,
  handoverId: string,
  entries: readonly unknown[],
  onlyFor: string | null = null,
): Promise<ItemAnswer[]> => {
  const byBase = (entries as readonly Partial<Entry>[]).find((each) => each.by?.side === "base")?.by?.person;
  const side = onlyFor === null ? "base" : "skipper";
  return takeEntries(
    { id: randomUUID(), baseId, handoverId, side, personId: onlyFor ?? byBase ?? randomUUID() },
    entries,
  );
};
