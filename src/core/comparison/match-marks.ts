import type { Mark } from "../handover/mark";

export interface PlacedMark {
  id: string;
  mark: Mark;
}

/**
 * Pairs marks of two records that are the same mark: same surface and kind, no further apart than the tolerance.
 * As many pairs as possible, then the least total distance, ties by id. Each mark is in one pair at most.
 *
 * The method is successive shortest augmenting paths: with every further pair the total distance stays the least
 * for that number of pairs.
 */
export function matchMarks(before: readonly PlacedMark[], after: readonly PlacedMark[], toleranceM: number): [string, string][] {
  const pairs: [string, string][] = [];
  const groupOf = ({ mark }: PlacedMark) => `${mark.surface} ${mark.kind}`;
  for (const group of new Set(before.map(groupOf))) {
    const left = sortedById(before.filter((mark) => groupOf(mark) === group));
    const right = sortedById(after.filter((mark) => groupOf(mark) === group));
    pairs.push(...matchGroup(left, right, toleranceM));
  }
  return pairs.sort((a, b) => (a[0] < b[0] ? -1 : 1));
}

const sortedById = (marks: PlacedMark[]) => [...marks].sort((a, b) => (a.id < b.id ? -1 : 1));

/** Distances are whole tenths of a millimetre, so that sums compare exactly. */
function distance(a: Mark, b: Mark): number {
  return Math.round(Math.hypot(a.aM - b.aM, a.bM - b.bM) * 10_000);
}

function matchGroup(left: PlacedMark[], right: PlacedMark[], toleranceM: number): [string, string][] {
  const limit = Math.round(toleranceM * 10_000);
  const edges = left.map((a) => right.flatMap((b, j) => (distance(a.mark, b.mark) <= limit ? [{ j, cost: distance(a.mark, b.mark) }] : [])));
  const partnerOfRight = right.map(() => -1);
  const partnerOfLeft = left.map(() => -1);
  while (augment(edges, partnerOfLeft, partnerOfRight)) {
    // each round adds one pair
  }
  return partnerOfLeft.flatMap((j, i): [string, string][] => (j < 0 ? [] : [[left[i]?.id ?? "", right[j]?.id ?? ""]]));
}

/** Finds the cheapest augmenting path (Bellman-Ford, as going back over a pair gives its distance back) and applies it. */
function augment(edges: { j: number; cost: number }[][], partnerOfLeft: number[], partnerOfRight: number[]): boolean {
  const costToLeft = partnerOfLeft.map((partner) => (partner < 0 ? 0 : Infinity));
  const costToRight = partnerOfRight.map(() => Infinity);
  const cameFrom = partnerOfRight.map(() => -1);
  for (let changed = true; changed; ) {
    changed = false;
    edges.forEach((outgoing, i) => {
      const base = costToLeft[i] ?? Infinity;
      if (base === Infinity) return;
      for (const { j, cost } of outgoing) {
        if (partnerOfLeft[i] === j || base + cost >= (costToRight[j] ?? Infinity)) continue;
        costToRight[j] = base + cost;
        cameFrom[j] = i;
        changed = true;
        const partner = partnerOfRight[j] ?? -1;
        if (partner < 0) continue;
        const back = edges[partner]?.find((edge) => edge.j === j)?.cost ?? 0;
        costToLeft[partner] = base + cost - back;
      }
    });
  }
  let end = -1;
  partnerOfRight.forEach((partner, j) => {
    if (partner < 0 && (costToRight[j] ?? Infinity) < (end < 0 ? Infinity : (costToRight[end] ?? Infinity))) end = j;
  });
  if (end < 0) return false;
  for (let j = end; j >= 0; ) {
    const i = cameFrom[j] ?? -1;
    const next = partnerOfLeft[i] ?? -1;
    partnerOfLeft[i] = j;
    partnerOfRight[j] = i;
    j = next;
  }
  return true;
}
