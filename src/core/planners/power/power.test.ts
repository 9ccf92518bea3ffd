import * as fc from "fast-check";
import { powerCalculation } from "./calc";
import type { Power, PowerInput } from "./schema";

const calc = (input: PowerInput) => powerCalculation.run(input as never, {} as never) as Power;
const all = (amps: number) => Array.from({ length: 24 }, () => amps);
const usual: PowerInput = {
  bank: { chemistry: "agm", capacityAh: 200, percent: 90, floorPercent: 50 },
  startHour: 18,
  hours: 12,
  loads: [
    { id: "fridge", keep: true, ampsByHour: all(4) },
    { id: "lights", keep: false, ampsByHour: all(2).map((amps, hour) => (hour >= 18 || hour < 1 ? amps : 0)) },
    { id: "plotter", keep: false, ampsByHour: all(1.5) },
  ],
  solarAmpsByHour: all(0),
  shore: [],
  alternator: [
    { rpm: 900, amps: 20 },
    { rpm: 2000, amps: 80 },
  ],
  engine: [],
  want: null,
};
const ask = (change: Partial<PowerInput>) => calc({ ...usual, ...change });

describe("the bank", () => {
  it("goes down by what is taken, hour by hour", () => {
    const { percent, floorAtH, engineHours, dropFirst } = ask({});
    expect(percent).toHaveLength(49);
    // 7.5 A for seven hours are 52.5 Ah, 5.5 A for five more 27.5: 80 of 200 Ah are 40 %
    expect(percent.at(-1)).toBeCloseTo(50, 9);
    expect([engineHours, dropFirst]).toEqual([null, "plotter"]);
    expect(floorAtH).toBeCloseTo(12, 6);
    expect(ask({ bank: { ...usual.bank, floorPercent: 70 } }).floorAtH).toBeCloseTo(40 / 7.5, 6);
    expect(ask({ bank: { ...usual.bank, percent: 50 } }).floorAtH).toBe(0);
    expect(ask({ bank: { ...usual.bank, floorPercent: 10 } }).floorAtH).toBeNull();
  });

  it("takes in what it accepts, less what is lost", () => {
    // at 90 % AGM takes 0.25 + (0.02 − 0.25)/2 = 0.135 of 200 Ah: 27 A, 0.9 of which stay: 3.0375 % an hour's quarter
    const charged = ask({ loads: [], shore: [{ fromH: 0, toH: 0.25, amps: 60 }], hours: 0.5 });
    expect(charged.percent.map((each) => Math.round(each * 1e6) / 1e6)).toEqual([90, 93.0375, 93.0375]);
    expect(
      ask({ loads: [], bank: { ...usual.bank, percent: 40 }, shore: [{ fromH: 0, toH: 1, amps: 20 }], hours: 0.25 })
        .percent[1],
    ).toBeCloseTo(42.25, 9);
  });

  it.each([
    [900, 20],
    [899, 0],
    [1450, 50],
    [2000, 80],
    [3000, 80],
  ])("gets by %s revs %s A", (rpm, amps) => {
    const { percent } = ask({
      loads: [],
      bank: { ...usual.bank, percent: 20, capacityAh: 1000 },
      engine: [{ fromH: 0, toH: 1, rpm }],
      hours: 1,
    });
    expect(percent[4]).toBeCloseTo(20 + (100 * amps * 0.9) / 1000, 9);
  });

  it("asks for the shortest run that ends at the hour, and says where none reaches", () => {
    const want = { percent: 70, byH: 6, rpm: 2000 };
    const { engineHours } = ask({ want });
    expect(engineHours).toBeGreaterThan(0);
    expect(ask({ want: { ...want, percent: 60 } }).engineHours).toBe(0);
    expect(ask({ want: { ...want, percent: 100, byH: 1 } }).engineHours).toBeNull();
    expect(ask({ want: { ...want, rpm: 500 } }).engineHours).toBeNull();
    expect(ask({ want: { ...want, byH: 0, percent: 91 } }).engineHours).toBeNull();
  });

  it("of loads that take as much drops the first, and none that is kept", () => {
    const loads = ["one", "two"].map((id) => ({ id, keep: false, ampsByHour: all(1) }));
    expect(ask({ loads }).dropFirst).toBe("one");
    expect(ask({ loads: loads.map((load) => ({ ...load, keep: true })) }).dropFirst).toBeNull();
  });

  it.each([
    [{ loads: [usual.loads[0]!, usual.loads[0]!] }, "/loads/1/id"],
    [
      {
        shore: [
          { fromH: 0, toH: 2, amps: 5 },
          { fromH: 1, toH: 3, amps: 5 },
        ],
      },
      "/shore/1",
    ],
    [{ engine: [{ fromH: 2, toH: 1, rpm: 900 }] }, "/engine/0/toH"],
    [
      {
        alternator: [
          { rpm: 900, amps: 1 },
          { rpm: 900, amps: 2 },
        ],
      },
      "/alternator/1/rpm",
    ],
    [{ want: { percent: 50, byH: 12.25, rpm: 900 } }, "/want/byH"],
  ])("refuses %j", (change, where) => {
    expect(() => ask(change)).toThrow(expect.objectContaining({ name: "InputError", where }));
  });
});

/** The contract's sentences once more, written straight down, one step after another. */
function written({
  bank,
  startHour,
  hours,
  loads,
  solarAmpsByHour,
  shore,
  alternator,
  engine,
  want,
}: PowerInput): Power {
  const alt = (rpm: number) => {
    if (alternator.length === 0 || rpm < alternator[0]!.rpm) return 0;
    for (let i = 1; i < alternator.length; i++) {
      const [a, b] = [alternator[i - 1]!, alternator[i]!];
      if (rpm <= b.rpm) return a.amps + ((rpm - a.rpm) / (b.rpm - a.rpm)) * (b.amps - a.amps);
    }
    return alternator[alternator.length - 1]!.amps;
  };
  const run = (extraFrom: number, extraTo: number, rpm: number) => {
    const out = [bank.percent];
    for (let k = 0; k < hours * 4; k++) {
      const h = Math.floor(startHour + k / 4) % 24;
      let source = solarAmpsByHour[h]!;
      for (const { fromH, toH, amps } of shore) if (fromH <= k / 4 && k / 4 < toH) source += amps;
      let motor = 0;
      for (const e of engine) if (e.fromH <= k / 4 && k / 4 < e.toH) motor = Math.max(motor, alt(e.rpm));
      if (extraFrom <= k / 4 && k / 4 < extraTo) motor = Math.max(motor, alt(rpm));
      let net = source + motor;
      for (const load of loads) net -= load.ampsByHour[h]!;
      const p = out[k]!;
      const [c, knee, end] = bank.chemistry === "lfp" ? [0.5, 95, 0.05] : [0.25, 80, 0.02];
      const take = p <= knee ? c : c - ((c - end) * (p - knee)) / (100 - knee);
      const eff = { "lead-acid": 0.85, agm: 0.9, gel: 0.9, lfp: 0.98 }[bank.chemistry];
      const next =
        net > 0
          ? p + (100 * Math.min(net, take * bank.capacityAh) * eff * 0.25) / bank.capacityAh
          : p + (100 * net * 0.25) / bank.capacityAh;
      out.push(next > 100 ? 100 : next < 0 ? 0 : next);
    }
    return out;
  };
  const percent = run(0, 0, 0);
  let floorAtH: number | null = percent[0]! <= bank.floorPercent ? 0 : null;
  for (let k = 0; floorAtH === null && k + 1 < percent.length; k++)
    if (percent[k + 1]! <= bank.floorPercent)
      floorAtH = (k + (percent[k]! - bank.floorPercent) / (percent[k]! - percent[k + 1]!)) / 4;
  let engineHours: number | null = null;
  if (want)
    for (let n = 0; engineHours === null && n <= want.byH * 4; n++)
      if (run(want.byH - n / 4, want.byH, want.rpm)[want.byH * 4]! >= want.percent - 1e-6) engineHours = n / 4;
  let [most, dropFirst] = [-1, null as string | null];
  for (const load of loads) {
    let sum = 0;
    for (let k = 0; k < hours * 4; k++) sum += load.ampsByHour[Math.floor(startHour + k / 4) % 24]!;
    if (!load.keep && sum > most + 1e-6) [most, dropFirst] = [sum, load.id];
  }
  return { percent, floorAtH, engineHours, dropFirst };
}

describe("against the contract written straight down", () => {
  const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  const quarter = (max: number) => fc.integer({ min: 0, max: max * 4 }).map((each) => each / 4);
  /** amperes as people write them */
  const byHour = (max: number) =>
    fc.array(
      fc.oneof(
        fc.constant(0),
        fc.integer({ min: 0, max: max * 100 }).map((each) => each / 100),
      ),
      { minLength: 24, maxLength: 24 },
    );
  /** Runs one after another that do not overlap. */
  const runs = <T>(what: fc.Arbitrary<T>) =>
    fc.array(fc.tuple(quarter(5), quarter(6), what), { maxLength: 3 }).map((list) => {
      let at = 0;
      return list.map(([pause, length, more]) => {
        const [fromH, toH] = [at + pause, at + pause + length];
        at = toH;
        return { fromH, toH, ...more };
      });
    });
  const inputs: fc.Arbitrary<PowerInput> = fc
    .record({
      bank: fc.record({
        chemistry: fc.constantFrom("lead-acid" as const, "agm" as const, "gel" as const, "lfp" as const),
        capacityAh: number(20, 800),
        percent: number(0, 100),
        floorPercent: number(0, 100),
      }),
      startHour: quarter(23),
      hours: quarter(30),
      loads: fc.uniqueArray(
        fc.record({ id: fc.constantFrom("a", "b", "c", "d"), keep: fc.boolean(), ampsByHour: byHour(15) }),
        { maxLength: 4, selector: ({ id }) => id },
      ),
      solarAmpsByHour: byHour(25),
      shore: runs(fc.record({ amps: number(0, 60) })),
      alternator: fc
        .uniqueArray(fc.record({ rpm: fc.integer({ min: 500, max: 3500 }), amps: number(0, 120) }), {
          maxLength: 4,
          selector: ({ rpm }) => rpm,
        })
        .map((points) => points.toSorted((a, b) => a.rpm - b.rpm)),
      engine: runs(fc.record({ rpm: fc.integer({ min: 0, max: 4000 }) })),
      wanted: fc.option(
        fc.record({ percent: number(0, 100), share: number(0, 1), rpm: fc.integer({ min: 0, max: 4000 }) }),
      ),
    })
    .map(({ wanted, ...rest }) => ({
      ...rest,
      want: wanted && { percent: wanted.percent, byH: Math.floor(wanted.share * rest.hours * 4) / 4, rpm: wanted.rpm },
    }));

  it("every figure is the same", () => {
    fc.assert(
      fc.property(inputs, (input) => {
        const [found, expected] = [calc(input), written(input)];
        expect(found.percent).toHaveLength(4 * input.hours + 1);
        found.percent.forEach((each, at) => expect(each).toBeCloseTo(expected.percent[at]!, 6));
        if (expected.floorAtH === null) expect(found.floorAtH).toBeNull();
        else expect(found.floorAtH).toBeCloseTo(expected.floorAtH, 4);
        expect([found.engineHours, found.dropFirst]).toEqual([expected.engineHours, expected.dropFirst]);
      }),
      { numRuns: 400, endOnFailure: true },
    );
  });
});
