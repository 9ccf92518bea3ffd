import { mismatch } from "../../formats/validate";
import { settleCalculation } from "./calc";
import { SettlementInput, type SettlementLine } from "./schema";

const input = (lines: SettlementLine[], change: Partial<SettlementInput> = {}): SettlementInput => ({
  currency: "EUR",
  deposit: { amountMinor: 100_000 },
  waiver: null,
  terms: {
    capCovers: ["damage"],
    ageingFloorPercent: 20,
    fuel: { rule: "by-level", pricePerLitreMinor: 189, serviceFeeMinor: 0, toleranceL: 5, perHourMinor: 0 },
  },
  lines,
  ...change,
});
const fuel: SettlementLine = {
  id: "fuel",
  kind: "fuel",
  capacityL: 150,
  outL: 150,
  inL: 100,
  engineHours: 0,
  disputed: false,
};
const missing: SettlementLine = {
  id: "fender",
  kind: "missing",
  group: "deck",
  count: 2,
  replacementMinor: 1000,
  ageMonths: 0,
  lifeMonths: 60,
  cause: "charterer",
  disputed: false,
};

it.each<[string, unknown, string, RegExp]>([
  ["litres of 1e21", input([{ ...fuel, capacityL: 1e21, outL: 1e21 }]), "/lines/0/capacityL", /1000000 or less/],
  ["hours of 1e22", input([{ ...fuel, engineHours: 1e22 }]), "/lines/0/engineHours", /1000000 or less/],
  ["months of 1e300", input([{ ...missing, ageMonths: 1e300 }]), "/lines/0/ageMonths", /120000 or less/],
  ["a line of nothing", { ...input([]), lines: [null] }, "/lines/0", /must be an object/],
  ["a doubt of nothing", input([{ ...fuel, doubt: null } as never]), "/lines/0/doubt", /must be text/],
  [
    "a kind that is not",
    input([{ ...fuel, kind: "wine" } as never]),
    "/lines/0/kind",
    /"missing", "damage", "fuel", "service"/,
  ],
  ["a field left out", input([{ ...fuel, capacityL: undefined } as never]), "/lines/0", /needs "capacityL"/],
])("its form refuses %s, and says where", (_what, given, where, words) => {
  expect(mismatch(SettlementInput, JSON.parse(JSON.stringify(given)))).toMatchObject({
    where,
    message: expect.stringMatching(words),
  });
});

it.each<[string, SettlementInput, string, RegExp]>([
  ["a currency that is not", input([missing], { currency: "QQQ" }), "/currency", /no currency "QQQ"/],
  // 2 × 10.00 = 20.00
  [
    "goodwill above the line",
    input([{ ...missing, goodwillMinor: 2001 }]),
    "/lines/0/goodwillMinor",
    /€20\.01 .*€20\.00/,
  ],
  [
    // 9999 × 1e12 = 9.999e15 > 2^53 = 9.007e15
    "a sum above 2^53",
    input([{ ...missing, count: 9999, replacementMinor: 1e12 }]),
    "/lines/0",
    /too large/,
  ],
  [
    "sums that come above 2^53 together",
    input([
      { ...missing, count: 9000, replacementMinor: 1e12 },
      { ...missing, id: "second", count: 9, replacementMinor: 1e12 },
    ]),
    "/lines/1",
    /too large/,
  ],
])("refuses %s, and says where", (_what, given, where, words) => {
  expect(() => settleCalculation.run(given, {} as never)).toThrow(
    expect.objectContaining({ where, message: expect.stringMatching(words) }),
  );
});

it("lets goodwill take off all that a line comes to", () => {
  expect(settleCalculation.run(input([{ ...missing, goodwillMinor: 2000 }]), {} as never).dueMinor).toBe(0);
});
