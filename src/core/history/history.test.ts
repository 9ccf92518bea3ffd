import { historyByItem, historyByYacht, type HistoryFact } from "./history";

const fact = (yacht: string, item: string, change: Partial<HistoryFact> = {}): HistoryFact => ({
  yacht,
  item,
  name: item,
  kind: "missing",
  pieces: 1,
  chargedMinor: 0,
  workMinutes: 0,
  ...change,
});
/** Fenders: 2 + 1 missing on two yachts for 22.00 + 11.00; a fridge that broke once, with 90 min of work, and was paid for in part; fuel for 80.00. */
const facts = [
  fact("Heron", "count:fender", { pieces: 2, chargedMinor: 2200 }),
  fact("Auk", "count:fender", { chargedMinor: 1100 }),
  fact("Heron", "test:fridge", { kind: "defect", workMinutes: 90 }),
  fact("Heron", "test:fridge", { kind: "damage", chargedMinor: 500 }),
  fact("Auk", "fuel", { kind: "fuel", chargedMinor: 8000 }),
];

describe("what happens to a fleet", () => {
  it("is gathered by item: what happens most first, then what costs most", () => {
    expect(historyByItem(facts)).toEqual([
      {
        key: "count:fender",
        name: "count:fender",
        across: 2,
        missing: 3,
        broken: 0,
        chargedMinor: 3300,
        workMinutes: 0,
      },
      { key: "test:fridge", name: "test:fridge", across: 1, missing: 0, broken: 1, chargedMinor: 500, workMinutes: 90 },
      { key: "fuel", name: "fuel", across: 1, missing: 0, broken: 0, chargedMinor: 8000, workMinutes: 0 },
    ]);
  });
  it("and by yacht, to the same sums in any order", () => {
    expect(
      historyByYacht(facts).map(({ key, across, missing, broken, chargedMinor }) => [
        key,
        across,
        missing,
        broken,
        chargedMinor,
      ]),
    ).toEqual([
      ["Heron", 2, 2, 1, 2700],
      ["Auk", 2, 1, 0, 9100],
    ]);
    expect(historyByItem([...facts].reverse())).toEqual(historyByItem(facts));
    expect(historyByItem([])).toEqual([]);
  });
});
