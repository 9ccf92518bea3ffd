import type { YachtFile } from "../yacht/schema";

type Mark = YachtFile["groundTackle"][string]["marks"][number];

/** Where a length lies on a chain, told by its marks. */
export type ByMarks =
  | { at: "unmarked" }
  | { at: "mark"; mark: Mark }
  | { at: "half-way"; from: Mark; to: Mark }
  /** so many metres after one mark, before the next */
  | { at: "after"; mark: Mark; byM: number; next: Mark | null }
  /** before the first mark */
  | { at: "before"; mark: Mark; byM: number };

/** Nearer than this to a mark, or to half-way between two, is there, m: an arm's length on a wet foredeck. */
const nearM = 1;

/** A length in the marks of her chain, as one tells it to whoever stands at the windlass. */
export function byMarks(marks: readonly Mark[], lengthM: number): ByMarks {
  const sorted = marks.toSorted((a, b) => a.atM - b.atM);
  const next = sorted.find(({ atM }) => atM > lengthM) ?? null;
  const last = sorted.findLast(({ atM }) => atM <= lengthM) ?? null;
  const nearest = [last, next].find((mark) => mark !== null && Math.abs(mark.atM - lengthM) < nearM);
  if (nearest) return { at: "mark", mark: nearest };
  if (last && next && Math.abs((last.atM + next.atM) / 2 - lengthM) < nearM)
    return { at: "half-way", from: last, to: next };
  if (last) return { at: "after", mark: last, byM: Math.round(lengthM - last.atM), next };
  if (next) return { at: "before", mark: next, byM: Math.round(next.atM - lengthM) };
  return { at: "unmarked" };
}
