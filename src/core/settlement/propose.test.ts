import fc from "fast-check";
import type { Difference } from "../comparison/compare";
import { countLine, listOf } from "../../testing/records";
import type { ReadingLine } from "../handover/lines";
import { propose, type Decision, type FuelFacts } from "./propose";
import { settle } from "./settle";

const fuel: ReadingLine = {
  id: "reading:fuel",
  kind: "reading",
  place: "saloon",
  name: { en: "Fuel" },
  system: "fuel",
  safety: false,
  how: { en: "gauge" },
  reading: "fuel",
  given: { capacityL: 150 },
};
const hours: ReadingLine = { ...fuel, id: "reading:hours", reading: "engine-hours", given: {} };
const list = listOf([
  countLine("fender", { boughtOn: "2025-03-20", lifeMonths: 60, replacementMinor: 3900 }),
  fuel,
  hours,
]);
const difference = (change: Partial<Difference>): Difference => ({
  id: "d",
  kind: "missing",
  of: "count:fender",
  place: "locker",
  name: { en: "Fender" },
  group: "deck",
  safety: false,
  before: null,
  after: null,
  change: -1,
  unknownSince: false,
  startsAs: { as: "unclear", because: null },
  ...change,
});
const side = (value: unknown) => ({ value, by: null, at: null, photos: [], remarks: [] });
const one = (change: Partial<Difference>, decision?: Decision) =>
  propose([difference(change)], list, new Map(decision ? [["d", decision]] : []))[0];

describe("what a difference may cost", () => {
  it("starts as nobody's fault, with price and age from the list: 20 March 2025 to 19 June 2027 is 26 months", () => {
    expect(one({})).toMatchObject({
      line: { kind: "missing", count: 1, replacementMinor: 3900, ageMonths: 26, lifeMonths: 60, cause: "unclear" },
      decided: false,
      needs: "cause",
    });
  });
  it("is the base's, and decided, where the skipper reported it in time; wear what was used up; either can be decided otherwise", () => {
    expect(one({ startsAs: { as: "base", because: "reported-in-time" } })).toMatchObject({
      line: { cause: "base" },
      decided: true,
      needs: null,
    });
    expect(one({ kind: "consumed" })).toMatchObject({
      line: { kind: "missing", cause: "wear" },
      decided: true,
      needs: null,
    });
    expect(one({ kind: "consumed" }, { charge: true, cause: "charterer" })).toMatchObject({
      line: { cause: "charterer" },
    });
    expect(one({ kind: "moved", change: 0 })).toMatchObject({ line: null, decided: true });
  });
  it("takes over what was decided, and asks for an estimate where one is missing", () => {
    expect(one({}, { charge: true, cause: "charterer" })).toMatchObject({ line: { cause: "charterer" }, needs: null });
    expect(one({ kind: "new-mark", change: null }, { charge: true, cause: "charterer" })).toMatchObject({
      needs: "estimate",
    });
    expect(one({ kind: "new-mark", change: null }, { charge: true, cause: "wear" })).toMatchObject({ needs: null });
    expect(one({}, { charge: false })).toMatchObject({ line: null, needs: null });
  });
  it("reckons fuel short by itself, with the hours run, and leaves a fuller tank alone", () => {
    const short = difference({
      id: "f",
      kind: "reading-changed",
      of: "reading:fuel",
      before: side({ litres: 150 }),
      after: side({ litres: 128 }),
      change: -22,
    });
    const run = difference({
      id: "h",
      kind: "reading-changed",
      of: "reading:hours",
      before: side({ hours: 10 }),
      after: side({ hours: 22.4 }),
      change: 12.4,
    });
    // 12.4 h × 3.1 l = 38.44 l; 22 l short and 16 l bought went
    const facts: FuelFacts = {
      rule: "by-level",
      burnLph: new Map([["reading:hours", 3.1]]),
      receipts: [{ kind: "fuel", litres: 16, day: "2027-06-15", reference: "R 1", full: null }],
    };
    const [first, second] = propose([short, run], list, new Map(), facts);
    expect(first).toMatchObject({
      line: { kind: "fuel", outL: 150, inL: 128, capacityL: 150, engineHours: 12.4, disputed: false },
      needs: null,
    });
    // without the receipt no charge comes by itself, until somebody says that the gauge is believed
    const doubted = (decision?: Decision) =>
      propose([short, run], list, new Map(decision ? [["f", decision]] : []), { ...facts, receipts: [] })[0]?.line;
    expect(doubted()).toMatchObject({ disputed: true, doubt: expect.stringContaining("22 l went") });
    expect(doubted({ charge: true, disputed: false })).toMatchObject({ disputed: true });
    expect(doubted({ charge: true, gaugeBelieved: true })).toEqual({
      id: "f",
      kind: "fuel",
      capacityL: 150,
      outL: 150,
      inL: 128,
      engineHours: 12.4,
      disputed: false,
    });
    // filled to the cap by a receipt: nothing is short, whatever the gauge shows
    expect(
      propose([short, run], list, new Map(), {
        ...facts,
        receipts: [{ kind: "fuel", litres: 38, day: "2027-06-19", reference: "R 2", full: "reading:fuel" }],
      })[0]?.line,
    ).toBeNull();
    // by engine hours the counter makes the line, and the gauge none
    expect(
      propose([short, run], list, new Map(), { ...facts, rule: "per-engine-hour" }).map(
        ({ line }) => line?.kind === "fuel" && [line.id, line.engineHours],
      ),
    ).toEqual([false, ["h", 12.4]]);
    expect(second).toMatchObject({ line: null, needs: null });
    expect(
      propose([{ ...short, before: side({ litres: 120 }), after: side({ litres: 150 }) }], list, new Map())[0]?.line,
    ).toBeNull();
  });
  it("takes over a range, an age, a life and gross negligence", () => {
    const decision: Decision = {
      charge: true,
      cause: "charterer",
      remedy: "replace",
      estimateMinor: 20000,
      estimateLowMinor: 12000,
      ageMonths: 24,
      lifeMonths: 48,
      grossNegligence: true,
    };
    expect(one({ kind: "look-worse", change: null }, decision)?.line).toMatchObject({
      remedy: "replace",
      estimateMinor: 20000,
      estimateLowMinor: 12000,
      ageMonths: 24,
      lifeMonths: 48,
      grossNegligence: true,
    });
  });
  it("on any decisions charges nobody but whom a person named, and settles to sums that add up", () => {
    const kinds = fc.constantFrom<Difference["kind"]>(
      "missing",
      "new-mark",
      "look-worse",
      "test-failing",
      "moved",
      "consumed",
    );
    const decided = fc.option(
      fc.record<Decision>({
        charge: fc.boolean(),
        cause: fc.constantFrom<NonNullable<Decision["cause"]>>("charterer", "wear", "base", "unclear"),
        estimateMinor: fc.integer({ min: 0, max: 400000 }),
        disputed: fc.boolean(),
      }),
    );
    fc.assert(
      fc.property(fc.array(fc.tuple(kinds, decided), { maxLength: 10 }), (cases) => {
        const differences = cases.map(([kind], i) =>
          difference({ id: `d${i}`, kind, change: kind === "missing" || kind === "consumed" ? -1 : null }),
        );
        const decisions = new Map(
          cases.flatMap(([, decision], i): [string, Decision][] => (decision ? [[`d${i}`, decision]] : [])),
        );
        const proposals = propose(differences, list, decisions);
        const lines = proposals.flatMap(({ line }) => (line ? [line] : []));
        const result = settle({
          currency: "EUR",
          deposit: { amountMinor: 250000 },
          waiver: null,
          terms: {
            capCovers: ["damage", "missing"],
            ageingFloorPercent: 20,
            fuel: { rule: "by-level", pricePerLitreMinor: 0, serviceFeeMinor: 0, toleranceL: 0, perHourMinor: 0 },
          },
          lines,
        });
        for (const settled of result.lines) {
          const decision = decisions.get(settled.id);
          if (settled.chargedMinor > 0)
            expect(decision).toMatchObject({ charge: true, cause: "charterer", disputed: false });
        }
        expect(result.dueMinor).toBeLessThanOrEqual(250000);
        expect(result.captureMinor + result.heldMinor + result.releaseMinor).toBe(250000);
        // the order of the differences does not matter
        const turned = propose([...differences].reverse(), list, decisions).reverse();
        expect(turned).toEqual(proposals);
      }),
    );
  });
  it("asks nothing for what was found again", () =>
    expect(one({ kind: "extra", change: 1 })).toMatchObject({ line: null, needs: null }));
});
