import "./no-broadcast";
import "fake-indexeddb/auto";
import { IDBFactory } from "fake-indexeddb";
import Dexie from "dexie";

/** What the client needs of a browser besides IndexedDB, for tests that run without one. */
const kept = new Map<string, string>();
Object.assign(globalThis, {
  localStorage: {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  },
  requestAnimationFrame: (work: () => void) => setTimeout(work),
  // a window has its own
  ...(typeof window === "undefined"
    ? { addEventListener: () => undefined, removeEventListener: () => undefined }
    : undefined),
});

/** Empties the device: nothing is known on it any more. */
export function freshDevice(): void {
  Dexie.dependencies.indexedDB = new IDBFactory();
  kept.clear();
}

/** Waits until something holds, as a person watches a screen; fails after two seconds. */
export async function until(holds: () => boolean | Promise<boolean>): Promise<void> {
  for (let i = 0; i < 200; i++) {
    if (await holds()) return;
    await new Promise((done) => setTimeout(done, 10));
  }
  throw new Error("it did not come about within two seconds");
}
