import type { Mark } from "../handover/lines/mark-form";

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
export function matchMarks(
  before: readonly PlacedMark[],
  after: readonly PlacedMark[],
  toleranceM: number,
): [string, string][] {
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
  const edges = left.map((a) => possiblePairs(a.mark, right, toleranceM, limit));
  const partnerOfRight = right.map(() => -1);
  const partnerOfLeft = left.map(() => -1);
  // marks that no chain of possible pairs connects cannot compete: each cluster is matched on its own
  for (const cluster of clusters(edges, right.length)) {
    while (augment(cluster, edges, partnerOfLeft, partnerOfRight)) {
      // each round adds one pair
    }
  }
  return partnerOfLeft.flatMap((j, i): [string, string][] => (j < 0 ? [] : [[left[i]?.id ?? "", right[j]?.id ?? ""]]));
}

function possiblePairs(mark: Mark, right: PlacedMark[], toleranceM: number, limit: number): Edge[] {
  const pairs: Edge[] = [];
  right.forEach((other, j) => {
    // most marks are far away along the hull: that is seen without a square root (a millimetre more, as distances are rounded)
    if (Math.abs(mark.aM - other.mark.aM) > toleranceM + 0.001) return;
    const cost = distance(mark, other.mark);
    if (cost <= limit) pairs.push({ j, cost });
  });
  return pairs;
}

interface Edge {
  j: number;
  cost: number;
}
/** Left and right marks that are connected by possible pairs. */
interface Cluster {
  lefts: number[];
  rights: number[];
}

function clusters(edges: Edge[][], rightCount: number): Cluster[] {
  const leftsOf = Array.from({ length: rightCount }, () => [] as number[]);
  edges.forEach((outgoing, i) => outgoing.forEach(({ j }) => leftsOf[j]?.push(i)));
  const seenLeft = edges.map(() => false);
  const seenRight = leftsOf.map(() => false);
  const found: Cluster[] = [];
  edges.forEach((outgoing, start) => {
    if (seenLeft[start] || outgoing.length === 0) return;
    const cluster: Cluster = { lefts: [], rights: [] };
    const todo = [start];
    seenLeft[start] = true;
    for (let i = todo.pop(); i !== undefined; i = todo.pop()) {
      cluster.lefts.push(i);
      for (const { j } of edges[i] ?? []) {
        if (seenRight[j]) continue;
        seenRight[j] = true;
        cluster.rights.push(j);
        for (const other of leftsOf[j] ?? []) {
          if (seenLeft[other]) continue;
          seenLeft[other] = true;
          todo.push(other);
        }
      }
    }
    found.push({ lefts: cluster.lefts.sort((a, b) => a - b), rights: cluster.rights.sort((a, b) => a - b) });
  });
  return found;
}

/** Finds the cheapest augmenting path of a cluster (Bellman-Ford, as going back over a pair gives its distance back) and applies it. */
function augment(
  { lefts, rights }: Cluster,
  edges: Edge[][],
  partnerOfLeft: number[],
  partnerOfRight: number[],
): boolean {
  const costToLeft = new Map(lefts.map((i) => [i, (partnerOfLeft[i] ?? -1) < 0 ? 0 : Infinity]));
  const costToRight = new Map(rights.map((j) => [j, Infinity]));
  const cameFrom = new Map<number, number>();
  for (let changed = true; changed;) {
    changed = false;
    for (const i of lefts) {
      const base = costToLeft.get(i) ?? Infinity;
      if (base === Infinity) continue;
      for (const { j, cost } of edges[i] ?? []) {
        if (partnerOfLeft[i] === j || base + cost >= (costToRight.get(j) ?? Infinity)) continue;
        costToRight.set(j, base + cost);
        cameFrom.set(j, i);
        changed = true;
        const partner = partnerOfRight[j] ?? -1;
        if (partner < 0) continue;
        const back = edges[partner]?.find((edge) => edge.j === j)?.cost ?? 0;
        costToLeft.set(partner, base + cost - back);
      }
    }
  }
  let end = -1;
  for (const j of rights) {
    if (
      (partnerOfRight[j] ?? -1) < 0 &&
      (costToRight.get(j) ?? Infinity) < (end < 0 ? Infinity : (costToRight.get(end) ?? Infinity))
    )
      end = j;
  }
  if (end < 0) return false;
  for (let j = end; j >= 0;) {
    const i = cameFrom.get(j) ?? -1;
    const next = partnerOfLeft[i] ?? -1;
    partnerOfLeft[i] = j;
    partnerOfRight[j] = i;
    j = next;
  }
  return true;
}
