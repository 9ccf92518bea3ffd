import { compareBooks, type Movement } from "./books";
import { heldMinor, holdsOf, spreadOverHolds, type DepositMove } from "./holds";

const move = (kind: DepositMove["kind"], amountMinor: number, more: Partial<DepositMove> = {}): DepositMove => ({
  kind,
  amountMinor,
  currency: "EUR",
  key: `${kind}-${amountMinor}`,
  reference: "R",
  holdKey: null,
  ...more,
});
const held = (key: string, amountMinor: number) => move("held", amountMinor, { key, reference: `ref-${key}` });

describe("what is left of each hold", () => {
  it("is the whole hold while nothing was moved, and refusals hold nothing", () => {
    const holds = holdsOf([move("declined", 900), move("timed-out", 900), held("a", 1000)]);
    expect(holds).toEqual([{ key: "a", reference: "ref-a", currency: "EUR", amountMinor: 1000, leftMinor: 1000 }]);
  });

  it("is less what came out of that hold by name", () => {
    const holds = holdsOf([
      held("a", 1000),
      held("b", 500),
      move("captured", 200, { holdKey: "b" }),
      move("released", 300, { holdKey: "a" }),
    ]);
    expect(holds.map(({ leftMinor }) => leftMinor)).toEqual([700, 300]);
    expect(heldMinor(holds)).toBe(1000);
  });

  it("goes to the first holds for moves of before, which name none", () => {
    const holds = holdsOf([held("a", 1000), held("b", 500), move("captured", 1200)]);
    expect(holds.map(({ leftMinor }) => leftMinor)).toEqual([0, 300]);
  });

  it("is never below nothing, whatever the book says", () => {
    expect(heldMinor(holdsOf([held("a", 100), move("released", 500), move("captured", 50, { holdKey: "none" })]))).toBe(
      0,
    );
  });
});

describe("sums spread over the holds", () => {
  const holds = holdsOf([held("a", 1000), held("b", 500)]);
  const moves = (captureMinor: number, releaseMinor: number) =>
    spreadOverHolds(holds, { captureMinor, releaseMinor }).map(({ action, hold, amountMinor }) => [
      action,
      hold.key,
      amountMinor,
    ]);

  it("takes from the first hold first, and gives back all the rest", () => {
    expect(moves(300, 1200)).toEqual([
      ["capture", "a", 300],
      ["release", "a", 700],
      ["release", "b", 500],
    ]);
  });

  it("reaches over both where one is not enough", () => {
    expect(moves(1200, 300)).toEqual([
      ["capture", "a", 1000],
      ["capture", "b", 200],
      ["release", "b", 300],
    ]);
  });

  it("moves no more than is held, and nothing where nothing is asked or held", () => {
    expect(moves(5000, 5000)).toEqual([
      ["capture", "a", 1000],
      ["capture", "b", 500],
    ]);
    expect(moves(0, 0)).toEqual([]);
    expect(spreadOverHolds([], { captureMinor: 5, releaseMinor: 5 })).toEqual([]);
  });

  it("keeps every cent, with random holds and sums", () => {
    let seed = 7;
    const random = (most: number) => (seed = (seed * 48271) % 2147483647) % (most + 1);
    for (let round = 0; round < 500; round++) {
      const some = holdsOf(Array.from({ length: random(4) }, (_, i) => held(`h${i}`, random(2000))));
      const sums = { captureMinor: random(3000), releaseMinor: random(3000) };
      const spread = spreadOverHolds(some, sums);
      const total = (action: string) =>
        spread.filter((each) => each.action === action).reduce((sum, each) => sum + each.amountMinor, 0);
      const all = heldMinor(some);
      expect(total("capture")).toBe(Math.min(sums.captureMinor, all));
      expect(total("release")).toBe(Math.min(sums.releaseMinor, all - total("capture")));
      for (const hold of some)
        expect(
          spread.filter((each) => each.hold.key === hold.key).reduce((sum, each) => sum + each.amountMinor, 0),
        ).toBeLessThanOrEqual(hold.leftMinor);
    }
  });
});

describe("the base's book beside the terminal's", () => {
  const hold: Movement = { key: "k1", action: "hold", amountMinor: 1000, currency: "EUR", reference: "T-1" };
  const capture: Movement = { key: "k2", action: "capture", amountMinor: 300, currency: "EUR", reference: "T-2" };

  it("finds nothing where both say the same, in whatever order", () => {
    expect(compareBooks([hold, capture], [capture, hold])).toEqual([]);
  });

  it.each<[string, Movement[], Movement[], object]>([
    ["what the terminal has not", [hold], [], { code: "not-at-terminal", hereMinor: 1000, terminalMinor: null }],
    ["what the base has not", [], [hold], { code: "not-here", hereMinor: null, terminalMinor: 1000 }],
    [
      "another sum",
      [hold],
      [{ ...hold, amountMinor: 999 }],
      { code: "other-amount", hereMinor: 1000, terminalMinor: 999 },
    ],
    ["another currency", [hold], [{ ...hold, currency: "USD" }], { code: "other-amount" }],
    ["another kind of movement", [hold], [{ ...hold, action: "release" }], { code: "other-action" }],
    ["another reference", [hold], [{ ...hold, reference: "T-9" }], { code: "other-reference" }],
  ])("names %s", (_what, here, terminal, expected) => {
    expect(compareBooks(here, terminal)).toEqual([expect.objectContaining({ key: "k1", ...expected })]);
  });
});
