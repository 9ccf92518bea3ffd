/** A morning round that is under way on this device: what was tapped and typed so far. */
export interface BegunRound {
  startedAt: string;
  looks: Partial<Record<string, { isFine: boolean; words: string }>>;
  /** by reading and field, as typed */
  typed: Partial<Record<string, Partial<Record<string, string>>>>;
}

const keyOf = (stay: string) => `brinecove-planner-${stay}-round`;

function isBegun(each: unknown): each is BegunRound {
  return typeof each === "object" && each !== null && "startedAt" in each && "looks" in each && "typed" in each;
}

/** The round that was begun on this device; null where none was. */
export function begunRound(stay: string): BegunRound | null {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(stay)) ?? "null");
    return isBegun(kept) ? kept : null;
  } catch {
    return null;
  }
}

/** Keeps it, or forgets it once it is told. */
export function keepRound(stay: string, begun: BegunRound | null): void {
  try {
    if (begun === null) localStorage.removeItem(keyOf(stay));
    else localStorage.setItem(keyOf(stay), JSON.stringify(begun));
  } catch {
    // a full store
  }
}
