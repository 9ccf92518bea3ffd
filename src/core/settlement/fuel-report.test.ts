import { listOf } from "../../testing/records";
import type { Difference } from "../comparison/compare";
import type { ReadingLine } from "../handover/lines";
import type { FuelExtra } from "./extra";
import { doubtWords, fuelReport, toleranceByGauge } from "./fuel-report";

const reading = (id: string, kind: string, given: Record<string, unknown> = {}): ReadingLine => ({
  id: `reading:${id}`,
  kind: "reading",
  place: "saloon",
  name: { en: id },
  system: "fuel",
  safety: false,
  how: { en: "gauge" },
  reading: kind as "fuel",
  given,
});
const list = listOf([
  reading("fuel", "fuel", { capacityL: 150, gaugeStepL: 18.75 }),
  reading("fuel-port", "fuel", { capacityL: 200, gaugeStepL: 25 }),
  reading("hours", "engine-hours"),
  reading("hours-generator", "engine-hours"),
]);
const side = (value: unknown) => ({ value, by: null, at: null, photos: [], remarks: [] });
const changed = (of: string, before: unknown, after: unknown, change: number): Difference => ({
  id: `reading-changed:${of}`,
  kind: "reading-changed",
  of,
  place: "saloon",
  name: { en: of },
  group: "below",
  safety: false,
  before: side(before),
  after: side(after),
  change,
  unknownSince: false,
  startsAs: { as: "unclear", because: null },
});
const tank = (out: number, back: number, of = "reading:fuel") =>
  changed(of, { litres: out }, { litres: back }, back - out);
const ran = (hours: number, of = "reading:hours") => changed(of, { hours: 100 }, { hours: 100 + hours }, hours);
const receipt = (litres: number, full: string | null = null): FuelExtra => ({
  kind: "fuel",
  litres,
  day: "2027-06-18",
  reference: "R 1",
  full,
});
const burn = new Map([
  ["reading:hours", 3.1],
  ["reading:hours-generator", 2.2],
]);
const report = (differences: Difference[], receipts: FuelExtra[] = []) => fuelReport(differences, list, burn, receipts);

describe("hours run against fuel taken", () => {
  it("fits: 10 h × 3.1 l = 31 l, 22 l short and 10 l bought = 32 l", () => {
    expect(report([tank(150, 128), ran(10)], [receipt(10)])).toEqual({
      hours: 10,
      expectedL: 31,
      boughtL: 10,
      takenL: 32,
      doubtful: false,
    });
  });

  it("is doubtful over a quarter, not at it: 20 h × 3.1 = 62, a quarter is 15.5; 46.5 l and 77.5 l still fit, 46.4 and 77.6 do not", () => {
    const doubtful = (takenL: number) => report([tank(150, 150 - takenL), ran(20)])?.doubtful;
    expect([46.5, 77.5, 46.4, 77.6].map(doubtful)).toEqual([false, false, true, true]);
  });

  it("counts every tank, every engine and the generator: 10 × 3.1 + 5 × 2.2 = 42; 30 + 12 out of two tanks", () => {
    expect(
      report([tank(150, 120), tank(200, 188, "reading:fuel-port"), ran(10), ran(5, "reading:hours-generator")]),
    ).toMatchObject({ hours: 15, expectedL: 42, takenL: 42, doubtful: false });
  });

  it("believes a dated receipt and a tank full to the cap before the gauge: 150 out, gauge 131.25, filled up with 31 l: 31 l went", () => {
    expect(report([tank(150, 131.25), ran(10)], [receipt(31, "reading:fuel")])).toMatchObject({
      takenL: 31,
      doubtful: false,
    });
  });

  it("compares nothing where a counter or a tank was not read again, or nothing burns from a tank", () => {
    expect(report([{ ...ran(10), kind: "not-checked-again", after: null, change: null }, tank(150, 128)])).toBeNull();
    expect(report([{ ...tank(150, 128), kind: "not-checked-again", after: null, change: null }, ran(10)])).toBeNull();
    expect(fuelReport([tank(150, 128)], list, new Map(), [])).toBeNull();
  });

  it("says it so that anybody can reckon it", () => {
    const doubtful = report([tank(150, 128), ran(12.4)]);
    expect(doubtful && doubtWords(doubtful)).toBe(
      "12.4 h would burn about 38.4 l, 22 l went, no receipt for any bought: the gauge or the report is doubtful",
    );
  });
});

it("tolerates at least one step of the coarsest gauge", () => {
  const terms = {
    capCovers: [],
    ageingFloorPercent: 20,
    fuel: { rule: "by-level" as const, pricePerLitreMinor: 189, serviceFeeMinor: 0, toleranceL: 5, perHourMinor: 0 },
  };
  expect(toleranceByGauge(terms, list).fuel.toleranceL).toBe(25);
  expect(toleranceByGauge({ ...terms, fuel: { ...terms.fuel, toleranceL: 40 } }, list).fuel.toleranceL).toBe(40);
  expect(toleranceByGauge(terms, listOf([])).fuel.toleranceL).toBe(5);
});
