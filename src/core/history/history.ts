/** One thing that happened to a yacht: what was charged on a signed statement, or a defect with the work on it. */
export interface HistoryFact {
  yacht: string;
  /** what it is about: a line of the list (`count:fender-large`), `marks`, `fuel`, `service` */
  item: string;
  name: string;
  kind: "missing" | "damage" | "fuel" | "service" | "defect";
  /** pieces missing; 1 for everything else */
  pieces: number;
  /** what crews paid for it, in minor units */
  chargedMinor: number;
  /** what the work on it took, in minutes */
  workMinutes: number;
}

/** What became of one item, or of one yacht, over the time looked at. */
export interface HistoryRow {
  key: string;
  name: string;
  /** the yachts it happened on, for an item; the items, for a yacht */
  across: number;
  missing: number;
  broken: number;
  chargedMinor: number;
  workMinutes: number;
}

function gather(
  facts: readonly HistoryFact[],
  keyOf: (fact: HistoryFact) => string,
  nameOf: (fact: HistoryFact) => string,
  acrossOf: (fact: HistoryFact) => string,
): HistoryRow[] {
  const rows = new Map<string, HistoryRow & { seen: Set<string> }>();
  for (const fact of facts) {
    const key = keyOf(fact);
    const row = rows.get(key) ?? {
      key,
      name: nameOf(fact),
      across: 0,
      missing: 0,
      broken: 0,
      chargedMinor: 0,
      workMinutes: 0,
      seen: new Set<string>(),
    };
    row.seen.add(acrossOf(fact));
    row.missing += fact.kind === "missing" ? fact.pieces : 0;
    // what was charged as damage is on the list of work as well, and counts once
    row.broken += fact.kind === "defect" ? 1 : 0;
    row.chargedMinor += fact.chargedMinor;
    row.workMinutes += fact.workMinutes;
    rows.set(key, row);
  }
  return [...rows.values()]
    .map(({ seen, ...row }) => ({ ...row, across: seen.size }))
    .sort(
      (a, b) =>
        b.missing + b.broken - (a.missing + a.broken) || b.chargedMinor - a.chargedMinor || (a.key < b.key ? -1 : 1),
    );
}

/** What goes missing, what breaks and what it costs, by item; what happens most first. */
export const historyByItem = (facts: readonly HistoryFact[]): HistoryRow[] =>
  gather(
    facts,
    (fact) => fact.item,
    (fact) => fact.name,
    (fact) => fact.yacht,
  );

/** The same by yacht. */
export const historyByYacht = (facts: readonly HistoryFact[]): HistoryRow[] =>
  gather(
    facts,
    (fact) => fact.yacht,
    (fact) => fact.yacht,
    (fact) => fact.item,
  );
