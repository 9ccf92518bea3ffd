import { callHistory, type CallFact } from "./calls";

const fact = (change: Partial<CallFact> = {}): CallFact => ({
  ...{ yacht: "Quillback", yachtClass: "Ketterel 12", charter: "a", topic: "Head", hour: 22 },
  ...{ briefed: "normal", understood: false },
  ...change,
});
const times = (count: number, change: Partial<CallFact>) => Array.from({ length: count }, () => fact(change));

describe("what crews called about", () => {
  it("is nothing without calls, and no rate before the first charter", () => {
    expect(callHistory([], 0)).toMatchObject({ calls: 0, perHundred: null, byTopic: [], proposals: [] });
    expect(callHistory([], 12).perHundred).toBe(0);
  });

  it("is a rate per hundred charters", () => {
    expect(callHistory(times(3, {}), 8).perHundred).toBe(37.5);
  });

  it("is counted by topic, yacht and class, most first, with crews, depth and study", () => {
    const history = callHistory(
      [
        fact({ charter: "a", briefed: null }),
        fact({ charter: "a", briefed: "skim", understood: true }),
        fact({ charter: "b", topic: "Anchor", yacht: "Pale Heron" }),
        fact({ charter: "c", topic: null, yacht: "Pale Heron", yachtClass: "Ossel 46" }),
        fact({ charter: "c", yacht: "Pale Heron", yachtClass: "Ossel 46" }),
      ],
      10,
    );
    expect(history.byTopic).toEqual([
      { name: "Head", calls: 3, crews: 2, hardlyBriefed: 2, understood: 1 },
      { name: "Anchor", calls: 1, crews: 1, hardlyBriefed: 0, understood: 0 },
    ]);
    expect(history.byYacht.map(({ name, calls }) => [name, calls])).toEqual([
      ["Pale Heron", 3],
      ["Quillback", 2],
    ]);
    expect(history.byClass.map(({ name, calls }) => [name, calls])).toEqual([
      ["Ketterel 12", 3],
      ["Ossel 46", 2],
    ]);
  });

  it("is told by four hours of the day, the last minute of each in its own", () => {
    expect(
      callHistory(
        [0, 3, 4, 11, 12, 23].map((hour) => fact({ hour })),
        1,
      ).byHours,
    ).toEqual([2, 1, 1, 1, 0, 1]);
  });

  it("asks for depth where most were hardly briefed, for minutes where they were, and for nothing below three", () => {
    const proposals = (facts: CallFact[]) => callHistory(facts, 40).proposals;
    expect(proposals([...times(2, { briefed: "skim" }), ...times(2, {})])).toEqual([
      { name: "Head", what: "deeper", calls: 4, of: 2 },
    ]);
    expect(proposals([...times(1, { briefed: null }), ...times(2, {})])).toEqual([
      { name: "Head", what: "longer", calls: 3, of: 2 },
    ]);
    expect(proposals(times(2, { briefed: null }))).toEqual([]);
  });
});
