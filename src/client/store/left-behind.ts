import { partOf } from "@/core/charters/reference";

/** Books of yachts that a charter was on before, in which something may wait for the base. */
const leftKey = "brinecove-books-left";

/** The references of books that were left behind. */
export function leftBehind(): string[] {
  const kept: unknown = JSON.parse(localStorage.getItem(leftKey) ?? "[]");
  return Array.isArray(kept) ? kept.filter((each) => typeof each === "string") : [];
}

const keep = (references: readonly string[]) => localStorage.setItem(leftKey, JSON.stringify(references));

/** Notes a book that another one takes the place of. */
export const leaveBehind = (reference: string): void => keep([...new Set([...leftBehind(), reference])]);

/** Forgets a book in which nothing waits. */
export const forgetLeft = (reference: string): void => keep(leftBehind().filter((each) => each !== reference));

/** Whether two books are of one charter: what is made in the one may be sent by whoever opened the other. */
export const isSameCharter = (one: string, two: string): boolean => partOf(one).reference === partOf(two).reference;
