import type { MusterChange } from "@/core/stays/muster";

const keyOf = (stay: string) => `brinecove-muster-${stay}`;
const isChange = (each: unknown): each is MusterChange =>
  typeof each === "object" && each !== null && "person" in each && "of" in each && "role" in each;

/** What was changed of the muster of a stay on this device, in the order in which it was. */
export function musterChanges(stay: string): MusterChange[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(stay)) ?? "[]");
    return Array.isArray(kept) ? kept.filter(isChange) : [];
  } catch {
    return [];
  }
}

/** Keeps a change; gives all of them. */
export function keepMusterChange(stay: string, change: MusterChange): MusterChange[] {
  const now = [...musterChanges(stay), change];
  localStorage.setItem(keyOf(stay), JSON.stringify(now));
  return now;
}

/** Goes back to the proposal; also when the book leaves this device. */
export const forgetMuster = (stay: string): void => localStorage.removeItem(keyOf(stay));
