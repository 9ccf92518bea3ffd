import type { Watch } from "@/core/underway/watch";

const keyOf = (stay: string) => `brinecove-planner-${stay}-anchor-watch`;

function isWatch(each: unknown): each is Watch {
  if (typeof each !== "object" || each === null) return false;
  const { anchor, radiusM, fixes, events } = each as Partial<Watch>;
  return Array.isArray(anchor) && typeof radiusM === "number" && Array.isArray(fixes) && Array.isArray(events);
}

/** The watch that this device keeps: a telephone that was locked or begun anew goes on with it. */
export function keptWatch(stay: string): Watch | null {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(stay)) ?? "null");
    return isWatch(kept) ? kept : null;
  } catch {
    return null;
  }
}

/** Keeps the watch, or forgets it; a device that keeps nothing watches all the same while it is open. */
export function keepWatch(stay: string, watch: Watch | null): void {
  try {
    if (watch === null) localStorage.removeItem(keyOf(stay));
    else localStorage.setItem(keyOf(stay), JSON.stringify(watch));
  } catch {
    // a full store
  }
}
