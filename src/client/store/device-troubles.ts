import type { TroubleEntry } from "@/core/faults/entry";

const keyOf = (yacht: string) => `brinecove-troubles-${yacht}`;
/** What was looked into longer ago is of another crew. */
const keptDays = 3;

const isEntry = (each: unknown): each is TroubleEntry =>
  typeof each === "object" &&
  each !== null &&
  "id" in each &&
  "kind" in each &&
  "at" in each &&
  typeof each.at === "string" &&
  Date.now() - Date.parse(each.at) < keptDays * 86_400_000;

/** What was looked into on this device without a charter. */
export function keptTroubles(yacht: string): TroubleEntry[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(yacht)) ?? "[]");
    return Array.isArray(kept) ? kept.filter(isEntry) : [];
  } catch {
    return [];
  }
}

/** Keeps it; a device that keeps nothing leads all the same. */
export function keepTroubles(yacht: string, entries: readonly TroubleEntry[]): void {
  try {
    localStorage.setItem(keyOf(yacht), JSON.stringify(entries));
  } catch {
    // a full store
  }
}
