import fc from "fast-check";
import { InputError } from "../basics/calculation";
import { dueRange } from "./due-range";
import type { SettlementInput, SettlementLine } from "./schema";
import { settle } from "./settle";

const terms: SettlementInput["terms"] = {
  capCovers: ["damage", "missing"],
  ageingFloorPercent: 20,
  fuel: { rule: "by-level", pricePerLitreMinor: 189, serviceFeeMinor: 3500, toleranceL: 5, perHourMinor: 900 },
};
const missing = (id: string, change: Partial<SettlementLine & { kind: "missing" }> = {}): SettlementLine => ({
  id,
  kind: "missing",
  group: "deck",
  count: 1,
  replacementMinor: 12900,
  ageMonths: 30,
  lifeMonths: 60,
  cause: "charterer",
  disputed: false,
  ...change,
});
const damage = (id: string, change: Partial<SettlementLine & { kind: "damage" }> = {}): SettlementLine => ({
  id,
  kind: "damage",
  group: "hull",
  remedy: "repair",
  estimateMinor: 84000,
  ageMonths: 0,
  lifeMonths: 120,
  sharePercent: 100,
  cause: "charterer",
  disputed: false,
  ...change,
});
const fuel = (change: Partial<SettlementLine & { kind: "fuel" }> = {}): SettlementLine => ({
  id: "fuel",
  kind: "fuel",
  capacityL: 150,
  outL: 150,
  inL: 128,
  engineHours: 12.4,
  disputed: false,
  ...change,
});
const input = (lines: SettlementLine[], change: Partial<SettlementInput> = {}): SettlementInput => ({
  currency: "EUR",
  deposit: { amountMinor: 250000 },
  waiver: null,
  terms,
  lines,
  ...change,
});
const amounts = (lines: SettlementLine[], change: Partial<SettlementInput> = {}) =>
  settle(input(lines, change)).lines.map((line) => line.amountMinor);

describe("amounts, with the arithmetic", () => {
  it("missing: 1 × 129.00 × (1 − 30/60) = 64.50", () => expect(amounts([missing("a")])).toEqual([6450]));
  it("missing, past its life: the floor of 20 %: 2 × 129.00 × 0.2 = 51.60", () =>
    expect(amounts([missing("a", { count: 2, ageMonths: 90 })])).toEqual([5160]));
  it("missing, a third gone: 3 × 10.01 × 2/3 = 20.02 exactly", () =>
    expect(amounts([missing("a", { count: 3, replacementMinor: 1001, ageMonths: 20 })])).toEqual([2002]));
  it("rounds once, halves up: 1 × 0.05 × 1/2 = 0.025 → 0.03", () =>
    expect(amounts([missing("a", { replacementMinor: 5 })])).toEqual([3]));
  it("repair: no ageing, 840.00 × 35 % = 294.00", () =>
    expect(amounts([damage("b", { sharePercent: 35, ageMonths: 60 })])).toEqual([29400]));
  it("replace: 840.00 × (1 − 30/120) = 630.00", () =>
    expect(amounts([damage("b", { remedy: "replace", ageMonths: 30 })])).toEqual([63000]));
  it("fuel: 22 l × 1.89 + 35.00 = 76.58", () => expect(amounts([fuel()])).toEqual([7658]));
  it("fuel: 5 l short is within the tolerance, 5.1 l is not: 5.1 × 1.89 + 35.00 = 44.639 → 44.64", () => {
    expect(amounts([fuel({ inL: 145 })])).toEqual([0]);
    expect(amounts([fuel({ inL: 144.9 })])).toEqual([4464]);
  });
  it("fuel: fuller than before costs nothing", () => expect(amounts([fuel({ outL: 120, inL: 150 })])).toEqual([0]));
  it("fuel per engine hour: 12.4 × 9.00 = 111.60", () =>
    expect(amounts([fuel()], { terms: { ...terms, fuel: { ...terms.fuel, rule: "per-engine-hour" } } })).toEqual([
      11160,
    ]));
  it("fuel per engine hour: 1.05 h × 0.10 = 0.105 → 0.11, not the 0.10 of binary fractions", () => {
    expect(
      amounts([fuel({ engineHours: 1.05 })], {
        terms: { ...terms, fuel: { ...terms.fuel, rule: "per-engine-hour", perHourMinor: 10 } },
      }),
    ).toEqual([11]);
  });
  it("wear and the base's own fault come to nothing", () =>
    expect(amounts([missing("a", { cause: "wear" }), damage("b", { cause: "base" })])).toEqual([0, 0]));
});

describe("cap, deposit and totals", () => {
  it("without a waiver all capped lines share the deposit; fuel stands outside", () => {
    // 300000 of damage and missing into 250000, plus fuel 7658: due 257658, the deposit pays 250000
    const result = settle(
      input([damage("a", { estimateMinor: 200000 }), damage("b", { estimateMinor: 100000 }), fuel()]),
    );
    expect(result.lines.map((line) => line.chargedMinor)).toEqual([166667, 83333, 7658]);
    expect(result).toMatchObject({
      dueMinor: 257658,
      captureMinor: 250000,
      heldMinor: 0,
      releaseMinor: 0,
      stillToPayMinor: 7658,
    });
  });

  it("spreads the cap by largest remainder, equal remainders to the earlier line", () => {
    const result = settle(
      input(
        [damage("a", { estimateMinor: 100 }), damage("b", { estimateMinor: 100 }), damage("c", { estimateMinor: 100 })],
        { deposit: { amountMinor: 200 } },
      ),
    );
    expect(result.lines.map((line) => line.chargedMinor)).toEqual([67, 67, 66]);
  });

  it("with a waiver the excess caps the rest, and what is excluded shares the deposit", () => {
    const waiver = { excessMinor: 60000, excludes: ["tender" as const] };
    const result = settle(
      input([damage("hull", { estimateMinor: 90000 }), damage("tender", { group: "tender", estimateMinor: 120000 })], {
        waiver,
      }),
    );
    expect(result.lines.map((line) => line.chargedMinor)).toEqual([60000, 120000]);
    expect(result).toMatchObject({ dueMinor: 180000, captureMinor: 180000, releaseMinor: 70000 });
  });

  it("holds what is disputed or unclear in the room that the charged lines leave", () => {
    const result = settle(
      input([
        damage("a", { estimateMinor: 200000 }),
        damage("b", { estimateMinor: 90000, disputed: true }),
        missing("c", { cause: "unclear", replacementMinor: 10000, ageMonths: 0 }),
      ]),
    );
    // room 50000 for 90000 + 10000: half of each
    expect(result.lines.map(({ chargedMinor, heldMinor }) => [chargedMinor, heldMinor])).toEqual([
      [200000, 0],
      [0, 45000],
      [0, 5000],
    ]);
    expect(result).toMatchObject({ dueMinor: 200000, captureMinor: 200000, heldMinor: 50000, releaseMinor: 0 });
  });

  it("takes goodwill off after the cap, never below nothing", () => {
    const result = settle(
      input([damage("a", { estimateMinor: 10000, goodwillMinor: 2500 }), missing("b", { goodwillMinor: 99999 })]),
    );
    expect(result.lines.map((line) => line.chargedMinor)).toEqual([7500, 0]);
    expect(result.lines[0]?.how).toContain("goodwill");
  });

  it("says how each sum came about, to be checked with a pencil", () => {
    expect(settle(input([missing("a")])).lines[0]?.how).toBe("1 × €129.00, 30 of 60 months old, so 50 % = €64.50");
    expect(settle(input([fuel()])).lines[0]?.how).toBe("22 l short × €1.89 + €35.00 for filling = €76.58");
  });

  it("holds a price that is not fixed at its upper end, and tells between what sums it will lie", () => {
    const range = input([
      damage("a", { estimateLowMinor: 12000, estimateMinor: 20000 }),
      damage("b", { estimateMinor: 5000 }),
    ]);
    expect(settle(range).lines.map(({ chargedMinor, heldMinor }) => [chargedMinor, heldMinor])).toEqual([
      [0, 20000],
      [5000, 0],
    ]);
    expect(settle(range).lines[0]?.how).toBe(
      "repair €120.00 to €200.00 = €200.00; at the upper end until the price is fixed, held and not charged",
    );
    // 120.00 + 50.00, and 200.00 + 50.00
    expect(dueRange(range)).toEqual({ lowMinor: 17000, highMinor: 25000 });
    expect(dueRange(input([damage("b")]))).toBeNull();
    expect(dueRange(input([damage("a", { estimateLowMinor: 12000, estimateMinor: 20000, disputed: true })]))).toEqual({
      lowMinor: 0,
      highMinor: 0,
    });
    expect(() => settle(input([damage("a", { estimateLowMinor: 30000, estimateMinor: 20000 })]))).toThrow(
      "above its upper end",
    );
  });

  it("leaves gross negligence out of every cap, and says so", () => {
    // 3000.00 by gross negligence stand beside the excess of 600.00
    const waiver = { excessMinor: 60000, excludes: [] };
    const result = settle(
      input([damage("a", { estimateMinor: 300000, grossNegligence: true }), damage("b", { estimateMinor: 90000 })], {
        waiver,
      }),
    );
    expect(result.lines.map((each) => each.chargedMinor)).toEqual([300000, 60000]);
    expect(result.lines[0]?.how).toContain("gross negligence, so no cap");
    expect(result).toMatchObject({ captureMinor: 250000, stillToPayMinor: 110000 });
  });

  it("holds fuel whose gauge is doubted and says why; a service says how it was reckoned", () => {
    const [doubted, late] = settle(
      input([
        fuel({ disputed: true, doubt: "12.4 h would burn 38 l, 22 l went" }),
        { id: "late", kind: "service", amountMinor: 10000, reckoned: "2 hours × €50.00", disputed: false },
      ]),
    ).lines;
    expect([doubted?.heldMinor, doubted?.how]).toEqual([
      7658,
      "22 l short × €1.89 + €35.00 for filling = €76.58; 12.4 h would burn 38 l, 22 l went, held and not charged",
    ]);
    expect([late?.chargedMinor, late?.how]).toEqual([10000, "2 hours × €50.00 = €100.00"]);
  });

  it("refuses ids that stand twice and levels above the tank, and says where", () => {
    expect(() => settle(input([missing("a"), missing("a")]))).toThrow(InputError);
    expect(() => settle(input([fuel({ outL: 151 })]))).toThrow("151 l do not go into a tank of 150 l");
  });
});

describe("on any lines", () => {
  const line = fc.record({
    kind: fc.constantFrom("missing", "damage"),
    minor: fc.integer({ min: 0, max: 300000 }),
    age: fc.integer({ min: 0, max: 80 }),
    tender: fc.boolean(),
    cause: fc.constantFrom("charterer", "wear", "base", "unclear"),
    disputed: fc.boolean(),
  });
  const settlement = fc.record({
    lines: fc.array(line, { maxLength: 12 }),
    deposit: fc.integer({ min: 0, max: 400000 }),
    excess: fc.option(fc.integer({ min: 0, max: 200000 })),
  });

  it("sums add up, nobody pays more than the caps allow, and no cent is lost or made", () => {
    fc.assert(
      fc.property(settlement, ({ lines, deposit, excess }) => {
        const made = lines.map((each, index): SettlementLine => {
          const common = {
            group: each.tender ? ("tender" as const) : ("deck" as const),
            ageMonths: each.age,
            cause: each.cause as "wear",
            disputed: each.disputed,
          };
          return each.kind === "missing"
            ? missing(`l${index}`, { ...common, replacementMinor: each.minor })
            : damage(`l${index}`, { ...common, estimateMinor: each.minor });
        });
        const waiver = excess === null ? null : { excessMinor: excess, excludes: ["tender" as const] };
        const result = settle(input(made, { deposit: { amountMinor: deposit }, waiver }));
        const sum = (values: number[]) => values.reduce((a, b) => a + b, 0);
        expect(result.dueMinor).toBe(sum(result.lines.map((each) => each.chargedMinor)));
        expect(result.captureMinor + result.heldMinor + result.releaseMinor).toBe(deposit);
        expect(result.captureMinor + result.stillToPayMinor).toBe(result.dueMinor);
        expect(result.releaseMinor).toBeGreaterThanOrEqual(0);
        const inPool = (tender: boolean) =>
          sum(
            result.lines
              .filter((_, i) => (made[i] as { group: string }).group === (tender ? "tender" : "deck"))
              .map((each) => each.chargedMinor + each.heldMinor),
          );
        if (excess === null) expect(inPool(true) + inPool(false)).toBeLessThanOrEqual(deposit);
        else {
          expect(inPool(false)).toBeLessThanOrEqual(excess);
          expect(inPool(true)).toBeLessThanOrEqual(deposit);
        }
        for (const each of result.lines)
          expect(each.chargedMinor + each.heldMinor).toBeLessThanOrEqual(each.amountMinor);
      }),
      { numRuns: 400 },
    );
  });
});
