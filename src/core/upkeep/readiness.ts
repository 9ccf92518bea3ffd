/** Whether a yacht can be handed over next. A computed word, no permission to go: the gate looks at the check-in itself. */
export type ReadyState = "ready" | "ready-with-remarks" | "not-ready";

export interface ReadyReason {
  code: "not-back" | "safety-work" | "no-prep" | "work" | "restock" | "unpriced";
  /** what it is about, empty where the code says it all */
  words: string;
  /** whether she stays because of it */
  holds: boolean;
}

export interface ReadinessFacts {
  /** her last charter has been taken back, signed */
  isBack: boolean;
  /** the technician has said that the prep for this stay is done */
  prepDone: boolean;
  /** work that is not done */
  work: readonly { title: string; safety: boolean; state: "ordered" | "stays" }[];
  /** what was counted short when she came back and has not been put aboard */
  short: readonly ShortItem[];
  /** names of things without a price: one that goes missing could not be reckoned */
  unpriced: readonly string[];
}

/** A thing that is fewer than the yacht's file says. */
export interface ShortItem {
  line: string;
  name: string;
  missing: number;
  safety: boolean;
}

/**
 * How ready a yacht is for her next check-in, with every reason, those that hold her first. Work that stays as it is
 * and is told to the skipper is a remark; safety that is ordered and not done holds her, as does safety gear that is short.
 */
export function readiness({ isBack, prepDone, work, short, unpriced }: ReadinessFacts): {
  state: ReadyState;
  reasons: ReadyReason[];
} {
  const reasons: ReadyReason[] = [
    ...(isBack ? [] : [{ code: "not-back" as const, words: "", holds: true }]),
    ...(prepDone ? [] : [{ code: "no-prep" as const, words: "", holds: true }]),
    ...work.map(({ title, safety, state }): ReadyReason =>
      safety && state === "ordered"
        ? { code: "safety-work", words: title, holds: true }
        : { code: "work", words: title, holds: false },
    ),
    ...short.map(({ name, missing, safety }): ReadyReason => ({
      code: "restock",
      words: `${missing} × ${name}`,
      holds: safety,
    })),
    ...(unpriced.length > 0 ? [{ code: "unpriced" as const, words: named(unpriced), holds: false }] : []),
  ].sort((a, b) => Number(b.holds) - Number(a.holds));
  return {
    state: reasons.some((reason) => reason.holds) ? "not-ready" : reasons.length > 0 ? "ready-with-remarks" : "ready",
    reasons,
  };
}

/** The first few names, and how many more there are. */
const named = (names: readonly string[]): string =>
  names.length <= 3 ? names.join(", ") : `${names.slice(0, 3).join(", ")} … (${names.length})`;
