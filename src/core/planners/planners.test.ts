import * as fc from "fast-check";
import { mismatch } from "../../formats/validate";
import type { Calculation } from "../basics/calculation";
import { planners } from "./index";
import type { FuelInput, FuelRange } from "./fuel";
import type { Reef, ReefInput } from "./reef";
import type { Tide, TideInput } from "./tide";
import type { WaterDays, WaterInput } from "./water";

const calc = <In, Out>(name: string, input: In): Out =>
  (planners.find((each) => each.name === name) as unknown as Calculation<In, Out, object>).run(input, {});
const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const refused = (name: string, input: object, where: string) =>
  expect(() => calc(name, input)).toThrow(expect.objectContaining({ name: "InputError", where }));

describe("every planner", () => {
  it.each(planners.map((each) => [each.name, each] as const))(
    "%s takes nothing but its fields, all of them",
    (_name, each) => {
      const {
        required = [],
        properties = {},
        additionalProperties,
      } = each.schema as {
        required?: string[];
        properties?: object;
        additionalProperties?: boolean;
      };
      expect([...required].sort()).toEqual(Object.keys(properties).sort());
      expect(additionalProperties).toBe(false);
      expect(mismatch(each.schema, {})).not.toBeNull();
    },
  );
});

describe("the tide", () => {
  const turns = [
    { at: "2027-06-12T02:00:00Z", heightM: 1 },
    { at: "2027-06-12T08:00:00Z", heightM: 3 },
    { at: "2027-06-12T14:00:00+00:00", heightM: 0.5 },
  ];
  const ask = (change: Partial<TideInput>) =>
    calc<TideInput, Tide>("tide", { turns, from: "2027-06-12T05:00:00Z", to: "2027-06-12T14:00:00Z", ...change });

  it("is half way between its turns, and told from then on", () => {
    const told = ask({});
    expect(told.nowM).toBeCloseTo(2, 9);
    expect(told.riseM).toBeCloseTo(1, 9);
    expect(told.fallM).toBeCloseTo(1.5, 9);
    expect([told.maxAt, told.minAt]).toEqual(["2027-06-12T08:00:00.000Z", "2027-06-12T14:00:00.000Z"]);
    // a third of the way from 1 to 3: 2 − cos 60° = 1.5
    expect(ask({ from: "2027-06-12T04:00:00Z", to: "2027-06-12T06:00:00+02:00" })).toMatchObject({
      riseM: 0,
      fallM: 0,
    });
    expect(ask({ from: "2027-06-12T04:00:00Z", to: "2027-06-12T04:00:00Z" }).nowM).toBeCloseTo(1.5, 9);
  });

  it("is highest and lowest as it is minute by minute", () => {
    const times = fc.array(fc.tuple(fc.integer({ min: 60, max: 500 }), number(0.1, 4)), { minLength: 2, maxLength: 8 });
    fc.assert(
      fc.property(times, number(0, 1), number(0, 1), (steps, a, b) => {
        let [atMs, heightM] = [Date.parse("2027-06-12T00:00:00Z"), 2];
        const told = [{ at: new Date(atMs).toISOString(), heightM }];
        steps.forEach(([minutes, metres], at) => {
          atMs += minutes * 60_000;
          heightM += at % 2 === 0 ? metres : -metres;
          told.push({ at: new Date(atMs).toISOString(), heightM });
        });
        const [first, last] = [Date.parse(told[0]!.at), atMs];
        const [fromMs, toMs] = [a, b]
          .sort((x, y) => x - y)
          .map((share) => Math.round(first + share * (last - first))) as [number, number];
        const found = ask({ turns: told, from: new Date(fromMs).toISOString(), to: new Date(toMs).toISOString() });
        // the contract's own sentence, at each of two thousand instants
        const height = (t: number) => {
          const at = told.findIndex((_, index) => t <= Date.parse(told[index + 1]?.at ?? "9999-01-01T00:00:00Z"));
          const [one, two] = [told[at]!, told[at + 1]!];
          const [t1, t2] = [Date.parse(one.at), Date.parse(two.at)];
          return (
            (one.heightM + two.heightM) / 2 +
            ((one.heightM - two.heightM) / 2) * Math.cos((Math.PI * (t - t1)) / (t2 - t1))
          );
        };
        const heights = Array.from({ length: 2001 }, (_, step) => height(fromMs + ((toMs - fromMs) * step) / 2000));
        expect(found.nowM).toBeCloseTo(heights[0]!, 6);
        expect(found.riseM).toBeGreaterThanOrEqual(Math.max(...heights) - found.nowM - 1e-6);
        expect(found.riseM).toBeLessThan(Math.max(...heights) - found.nowM + 0.01);
        expect(found.fallM).toBeGreaterThanOrEqual(found.nowM - Math.min(...heights) - 1e-6);
        expect(found.fallM).toBeLessThan(found.nowM - Math.min(...heights) + 0.01);
        expect(height(Date.parse(found.maxAt))).toBeCloseTo(found.nowM + found.riseM, 2);
        expect(height(Date.parse(found.minAt))).toBeCloseTo(found.nowM - found.fallM, 2);
      }),
      { numRuns: 200, endOnFailure: true },
    );
  });

  it("tells the first of two turns that are equal to a millimetre", () => {
    const waves = [1, 3, 1, 3.0004, 1].map((heightM, at) => ({
      at: `2027-06-12T${String(at * 5).padStart(2, "0")}:00:00Z`,
      heightM,
    }));
    const told = ask({ turns: waves, from: waves[0]!.at, to: waves[4]!.at });
    expect([told.maxAt, told.minAt]).toEqual(["2027-06-12T05:00:00.000Z", "2027-06-12T00:00:00.000Z"]);
  });

  it.each([
    [{ from: "2027-06-12T05:00:00" }, "/from"],
    [{ from: "2027-02-30T05:00:00Z" }, "/from"],
    [{ from: "2027-06-12T01:00:00Z" }, "/from"],
    [{ to: "2027-06-12T15:00:00Z" }, "/to"],
    [{ from: "2027-06-12T09:00:00Z", to: "2027-06-12T08:00:00Z" }, "/to"],
    [{ turns: [turns[0]!, { ...turns[1]!, at: turns[0]!.at }] }, "/turns/1/at"],
    [{ turns: [turns[0]!, { ...turns[1]!, heightM: 1 }] }, "/turns/1/heightM"],
    [{ turns: [turns[0]!, turns[1]!, { ...turns[2]!, heightM: 4 }] }, "/turns/2/heightM"],
    [{ turns: [turns[0]!, { ...turns[1]!, at: "noon" }] }, "/turns/1/at"],
  ])("refuses %j", (change, where) => {
    refused("tide", { turns, from: turns[0]!.at, to: turns[1]!.at, ...change }, where);
  });
});

describe("the reef", () => {
  const table = [
    { id: "first", fromKn: 17 },
    { id: "second", fromKn: 23 },
  ];
  const usual: ReefInput = {
    trueKn: 18,
    gustKn: 24,
    trueAngleDeg: 50,
    speedKn: 6,
    basis: "true",
    caution: "none",
    table,
  };
  const ask = (change: Partial<ReefInput>) => calc<ReefInput, Reef>("reef", { ...usual, ...change });

  it("is due by the mean or most of a gust, and two knots earlier by night", () => {
    // 0.8 · 24 = 19.2 kn; felt: 18 kn at 50° and 6 kn ahead are √((18 cos 50° + 6)² + (18 sin 50°)²) = 22.3348 kn at 38.12°
    expect(ask({})).toMatchObject({ judgedKn: 19.200000000000003, set: "first", nextAtKn: 23 });
    expect(ask({}).apparentKn).toBeCloseTo(22.3348, 3);
    expect(ask({}).apparentAngleDeg).toBeCloseTo(38.12, 2);
    expect(ask({ caution: "both" })).toMatchObject({ set: "second", nextAtKn: null, marginKn: null });
    expect(ask({ caution: "night" }).nextAtKn).toBe(21);
    expect(ask({ trueKn: 5, gustKn: 5 })).toMatchObject({ set: null, nextAtKn: 17, marginKn: 12 });
    expect(ask({ trueKn: 17, gustKn: 17 }).set).toBe("first");
  });

  it("has no side in a calm, and before the wind less of it is felt", () => {
    expect(ask({ trueKn: 6, gustKn: 6, trueAngleDeg: 180 })).toMatchObject({ apparentAngleDeg: 0 });
    expect(ask({ trueKn: 20, gustKn: 20, trueAngleDeg: 180, basis: "apparent" }).judgedKn).toBeCloseTo(14, 9);
  });

  it("is the same by the law of cosines and by looking along the table, for anything", () => {
    const rows = fc.uniqueArray(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 5 });
    const inputs = fc.record({
      trueKn: number(0, 60),
      more: number(0, 30),
      trueAngleDeg: number(0, 180),
      speedKn: number(0, 12),
      basis: fc.constantFrom("true" as const, "apparent" as const),
      caution: fc.constantFrom("none" as const, "night" as const, "short-handed" as const, "both" as const),
      rows,
    });
    fc.assert(
      fc.property(inputs, ({ more, rows, ...rest }) => {
        const steps = rows.toSorted((a, b) => a - b).map((fromKn) => ({ id: `at ${fromKn}`, fromKn }));
        const input = { ...rest, gustKn: rest.trueKn + more, table: steps };
        const felt = (kn: number) =>
          Math.sqrt(
            Math.max(
              kn ** 2 + input.speedKn ** 2 + 2 * kn * input.speedKn * Math.cos((input.trueAngleDeg / 180) * Math.PI),
              0,
            ),
          );
        const wind = 0.8 * input.gustKn > input.trueKn ? 0.8 * input.gustKn : input.trueKn;
        const judged = input.basis === "true" ? wind : felt(wind);
        const less = { none: 0, night: 2, "short-handed": 2, both: 4 }[input.caution];
        let [set, next] = [null as string | null, null as number | null];
        for (const { id, fromKn } of steps) {
          if (fromKn - less <= judged + 1e-6) set = id;
          else next = Math.min(next ?? Infinity, fromKn - less);
        }
        const found = ask(input);
        expect(found.judgedKn).toBeCloseTo(judged, 5);
        expect(found.apparentKn).toBeCloseTo(felt(input.trueKn), 5);
        expect([found.set, found.nextAtKn]).toEqual([set, next]);
        if (next !== null) expect(found.marginKn).toBeCloseTo(next - judged, 5);
        expect(found.apparentAngleDeg).toBeGreaterThanOrEqual(0);
        expect(found.apparentAngleDeg).toBeLessThanOrEqual(180);
      }),
      { endOnFailure: true },
    );
  });

  it.each([
    [{ gustKn: 17 }, "/gustKn"],
    [{ table: [table[1]!, table[0]!] }, "/table/1/fromKn"],
    [{ table: [table[0]!, { id: "first", fromKn: 30 }] }, "/table/1/id"],
  ])("refuses %j", (change, where) => {
    refused("reef", { ...usual, ...change }, where);
  });
});

describe("how far the fuel lasts", () => {
  const usual: FuelInput = {
    litres: { low: 100, high: 120 },
    ...{ reservePercent: 20, currentKn: 0 },
    burn: [
      { rpm: 1600, speedKn: 5, burnLph: 2 },
      { rpm: 2000, speedKn: 6, burnLph: 3 },
      { rpm: 2400, speedKn: 6.8, burnLph: 5 },
    ],
    wantNm: 150,
  };
  const ask = (change: Partial<FuelInput>) => calc<FuelInput, FuelRange>("fuel", { ...usual, ...change });

  it("is reckoned from the least there is, less the reserve, over the ground", () => {
    // 80 l: 40 h at 5 kn are 200 nm, 26.67 h at 6 kn 160 nm, 16 h at 6.8 kn 108.8 nm
    const told = ask({});
    expect(told).toMatchObject({ usableL: 80, bestRpm: 1600, enough: 2000 });
    expect(told.rows.map(({ rangeNm }) => Math.round(rangeNm * 10) / 10)).toEqual([200, 160, 108.8]);
    expect(ask({ currentKn: -5 })).toMatchObject({ bestRpm: 2400, enough: null });
    expect(ask({ currentKn: -5 }).rows[0]).toMatchObject({ hours: 40, rangeNm: 0 });
    expect(ask({ currentKn: -9 }).bestRpm).toBeNull();
    expect(ask({ wantNm: null }).enough).toBeNull();
    expect(ask({ wantNm: 200 }).enough).toBe(1600);
    expect(ask({ reservePercent: 100, wantNm: 0 })).toMatchObject({ usableL: 0, enough: 2400 });
  });

  it("of two as good takes the lower revs, and of two as fast the one that burns less", () => {
    const burn = [
      { rpm: 2200, speedKn: 6, burnLph: 3 },
      { rpm: 1800, speedKn: 4, burnLph: 2 },
      { rpm: 2300, speedKn: 6, burnLph: 2.9 },
    ];
    expect(ask({ burn: burn.slice(0, 2) }).bestRpm).toBe(1800);
    expect(ask({ burn, wantNm: 10 }).enough).toBe(2300);
  });

  it("is the same row by row, for any figures as people write them, held against each other in whole tenths", () => {
    const tenths = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 });
    const row = fc.record({ rpm: fc.integer({ min: 600, max: 4000 }), speed: tenths(0, 12), burn: tenths(1, 30) });
    const inputs = fc.record({
      rows: fc.uniqueArray(row, { minLength: 1, maxLength: 6, selector: ({ rpm }) => rpm }),
      litres: fc.integer({ min: 0, max: 500 }),
      reservePercent: fc.integer({ min: 0, max: 100 }),
      current: tenths(-6, 6),
      wantNm: fc.option(fc.integer({ min: 0, max: 400 })),
    });
    fc.assert(
      fc.property(inputs, ({ rows, litres, reservePercent, current, wantNm }) => {
        const found = ask({
          litres: { low: litres, high: litres + 10 },
          burn: rows.map(({ rpm, speed, burn }) => ({ rpm, speedKn: speed / 10, burnLph: burn / 10 })),
          ...{ reservePercent, wantNm, currentKn: current / 10 },
        });
        rows.forEach(({ speed, burn }, at) => {
          const range = ((litres * (100 - reservePercent)) / 100 / burn) * Math.max(speed + current, 0);
          expect(found.rows[at]?.rangeNm).toBeCloseTo(range, 5);
        });
        // a/b is more than c/d where a·d is more than c·b
        const best = rows
          .filter(({ speed }) => speed + current > 0)
          .toSorted((a, b) => (b.speed + current) * a.burn - (a.speed + current) * b.burn || a.rpm - b.rpm)[0];
        // litres · (100 − reserve) · speed ≥ 100 · miles · burn
        const reaching = rows
          .filter(
            ({ speed, burn }) =>
              wantNm !== null && litres * (100 - reservePercent) * Math.max(speed + current, 0) >= 100 * wantNm * burn,
          )
          .toSorted((a, b) => b.speed - a.speed || a.burn - b.burn);
        expect(found.bestRpm).toBe(best?.rpm ?? null);
        const [first] = reaching;
        expect(
          reaching.filter(({ speed, burn }) => speed === first?.speed && burn === first.burn).map(({ rpm }) => rpm),
        ).toEqual(first ? expect.arrayContaining([found.enough]) : []);
        if (!first) expect(found.enough).toBeNull();
      }),
      { endOnFailure: true },
    );
  });

  it("refuses less above more, and revs that stand twice", () => {
    refused("fuel", { ...usual, litres: { low: 2, high: 1 } }, "/litres");
    refused("fuel", { ...usual, burn: [usual.burn[0]!, usual.burn[0]!] }, "/burn/1/rpm");
  });
});

describe("how long the water lasts", () => {
  const usual: WaterInput = {
    tanks: [
      { id: "fore", litres: { low: 100, high: 120 } },
      { id: "aft", litres: { low: 60, high: 60 } },
    ],
    ...{ persons: 4, litresPerPersonDay: { low: 8, high: 20 }, days: 2 },
  };
  const ask = (change: Partial<WaterInput>) => calc<WaterInput, WaterDays>("water", { ...usual, ...change });

  it("is between least water with most use and most water with least use", () => {
    // 160 l by 4 · 20 are 2 days, 180 l by 4 · 8 are 5.625
    expect(ask({})).toEqual({ days: { low: 2, high: 5.625 }, enough: "yes" });
    expect(ask({ days: 3 }).enough).toBe("perhaps");
    expect(ask({ days: 5.625 }).enough).toBe("perhaps");
    expect(ask({ days: 6 }).enough).toBe("no");
    expect(ask({ tanks: [] })).toEqual({ days: { low: 0, high: 0 }, enough: "no" });
  });

  it("refuses a tank twice, and less above more", () => {
    refused("water", { ...usual, tanks: [usual.tanks[0]!, usual.tanks[0]!] }, "/tanks/1/id");
    refused("water", { ...usual, tanks: [{ id: "fore", litres: { low: 2, high: 1 } }] }, "/tanks/0/litres");
    refused("water", { ...usual, litresPerPersonDay: { low: 9, high: 8 } }, "/litresPerPersonDay");
  });
});
