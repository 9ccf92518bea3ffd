import type { Typed } from "@/core/underway/known";

const keyOf = (stay: string, planner: string) => `brinecove-planner-${stay}-${planner}`;

/** What was typed of a planner on this device; nothing where nobody typed, or what is kept is not ours. */
export function typedOf<Name extends string>(stay: string, planner: string): Typed<Name> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(stay, planner)) ?? "{}");
    if (typeof kept !== "object" || kept === null) return {};
    const whole = Object.entries(kept).filter(
      ([, each]) => typeof each?.value === "number" && !Number.isNaN(Date.parse(String(each?.at))),
    );
    return Object.fromEntries(whole) as Typed<Name>;
  } catch {
    return {};
  }
}

/** Keeps what is typed; a device that keeps nothing loses nothing else. */
export function keepTyped(stay: string, planner: string, typed: Typed<string>): void {
  try {
    localStorage.setItem(keyOf(stay, planner), JSON.stringify(typed));
  } catch {
    // a full store
  }
}

/** Forgets what was typed of every planner of a stay: the book leaves this device. */
export function forgetTyped(stay: string): void {
  for (const key of Object.keys(localStorage)) if (key.startsWith(keyOf(stay, ""))) localStorage.removeItem(key);
}
