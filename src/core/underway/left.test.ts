import { demoYacht } from "@/testing/demo-yacht";
import { burnTable, fuelAnswer, fuelKnown } from "./fuel";
import { gasHours } from "./gas";
import { holdingTill } from "./holding";
import { alternatorOf, isOnAt, loadsOf, powerAnswer, powerKnown } from "./power";
import { numbersRead, type AboardReading } from "./readings";
import { tanksRead } from "./tanks";
import { changeTankInH, learnedLpd, waterAnswer, waterKnown } from "./water";

const heron = demoYacht("pale-heron");
const lanterns = demoYacht("two-lanterns");
const auk = demoYacht("little-auk");
const read = (
  reading: string,
  values: AboardReading["values"],
  at: string,
  told: AboardReading["told"] = "check-in",
) => ({
  ...{ reading, values, told },
  at: `2027-06-${at}:00.000Z`,
});
const now = "2027-06-14T08:00:00.000Z";

describe("fuel", () => {
  it("is as it was read, and reckoned on by the hours that the engine ran since", () => {
    const atCheckIn = [read("fuel", { litres: 150 }, "12T15:00"), read("engine-hours", { hours: 1400 }, "12T15:00")];
    expect(fuelKnown(heron, atCheckIn).litresL).toEqual({
      value: 150,
      source: { from: "check-in", at: atCheckIn[0]!.at },
    });
    const later = [...atCheckIn, read("engine-hours", { hours: 1410 }, "14T07:00", "round")];
    // ten hours at 3.1 l
    expect(fuelKnown(heron, later).litresL).toEqual({ value: 119, source: { from: "since", at: atCheckIn[0]!.at } });
    expect(fuelKnown(heron, []).litresL).toBeNull();
  });

  it("is not known while one of two tanks is not", () => {
    const one = [read("fuel", { litres: 200 }, "12T15:00")];
    expect(fuelKnown(lanterns, one).litresL).toBeNull();
    const port = Object.entries(lanterns.readings).find(
      ([, { of, kind }]) => kind === "fuel" && of === "fuel-port",
    )![0];
    expect(fuelKnown(lanterns, [...one, read(port, { litres: 150 }, "12T15:00")]).litresL?.value).toBe(350);
  });

  it("burns in both engines of a catamaran, and at no speed above the base's limit", () => {
    // 2,800 revs make 7.8 kn, and the base limits her to 7.5
    expect(burnTable(lanterns)).toEqual([
      { rpm: 1500, speedKn: 5.1, burnLph: 3 },
      { rpm: 2200, speedKn: 6.9, burnLph: 5.2 },
    ]);
  });

  it("counts half a step of the gauge as not there, and keeps the reserve", () => {
    const answer = fuelAnswer(heron, fuelKnown(heron, [read("fuel", { litres: 100 }, "12T15:00")]));
    // 100 l less half of 18.75, less a fifth
    expect("answer" in answer && answer.answer.usableL).toBeCloseTo((100 - 9.375) * 0.8, 9);
  });

  it("gives no number without litres, burn or an engine for it", () => {
    expect(fuelAnswer(heron, fuelKnown(heron, []))).toEqual({ missing: ["litresL"] });
    const { burn: _burn, ...engine } = heron.engines.main!;
    expect(fuelAnswer({ ...heron, engines: { main: engine } }, fuelKnown(heron, []))).toEqual({ fault: "no-burn" });
    const electric = { ...heron, engines: { main: { ...engine, kind: "electric-drive" as const } } };
    expect(fuelAnswer(electric, fuelKnown(heron, []))).toEqual({ fault: "no-fuel-engine" });
  });
});

describe("water", () => {
  const of = (readings: AboardReading[]) => ({
    file: heron,
    readings,
    persons: 4,
    backAt: "2027-06-19T09:00:00.000Z",
    now,
  });
  const both = (fore: number, aft: number, at: string, told: AboardReading["told"] = "check-in") => [
    read("water-fore", { litres: fore }, at, told),
    read("water-aft", { litres: aft }, at, told),
  ];

  it("is reckoned on from an old reading with the usual use, and told as such", () => {
    // 280 l two days ago, four people at (8 + 20) / 2 l a day
    expect(waterKnown(of(both(160, 120, "12T08:00"))).litresL).toEqual({
      value: 280 - 2 * 4 * 14,
      source: { from: "since", at: "2027-06-12T08:00:00.000Z" },
    });
    expect(waterKnown(of(both(160, 120, "14T06:00"))).litresL).toMatchObject({
      value: 280,
      source: { from: "check-in" },
    });
  });

  it("learns what this crew uses, and leaves out a day on which a tank was filled", () => {
    const days = [
      ...both(160, 120, "12T08:00"),
      ...both(120, 120, "13T08:00", "round"),
      ...both(160, 100, "14T08:00", "round"),
    ];
    // forty litres in a day of four; the second day's fore tank was filled
    expect(learnedLpd(tanksRead(heron, "water", days), 4)).toEqual({ lpd: 10, days: 1 });
    const known = waterKnown(of(days));
    expect(known.lowLpd).toEqual({ value: 8, source: { from: "learned", days: 1 } });
    expect(known.highLpd?.value).toBe(13);
    // the two ends of one morning tell nothing
    expect(
      learnedLpd(tanksRead(heron, "water", [...both(160, 120, "12T08:00"), ...both(150, 120, "12T10:00")]), 4),
    ).toBeNull();
  });

  it("lasts until she is back or not, and says when the open tank is empty", () => {
    const answer = waterAnswer(heron, waterKnown(of(both(160, 120, "14T07:00"))));
    if (!("answer" in answer)) throw new Error("no answer");
    // five days and an hour, to the half day
    expect(answer.input.days).toBe(5);
    // steps of 20 and 15 l: half of each may be missing; 262.5 / (4 · 20)
    expect(answer.answer.days.low).toBeCloseTo(262.5 / 80, 9);
    expect(answer.answer.enough).toBe("perhaps");
    expect(changeTankInH(160, answer.input)).toBeCloseTo(48, 9);
  });

  it("has no answer without tanks or readings", () => {
    expect(waterAnswer(auk, waterKnown({ ...of([]), file: auk }))).toEqual({ fault: "no-tank" });
    expect(waterAnswer(heron, waterKnown(of([])))).toEqual({ missing: ["litresL"] });
  });
});

describe("the bank", () => {
  const plan = { off: [], hours: 24, wantByH: 12, engine: [] };
  const rested = [read("battery-service", { volts: 12.65, restHours: 5 }, "14T07:00")];

  it("is as full as its volts say after a rest, and unknown without one", () => {
    // AGM: 12.65 V are 80 %
    expect(powerKnown(heron, rested, now).percent).toEqual({
      value: 80,
      source: { from: "check-in", at: rested[0]!.at },
    });
    expect(powerKnown(heron, [], now).percent).toBeNull();
    expect(
      powerKnown(heron, [read("battery-service", { volts: 12.65, restHours: 0 }, "14T07:00")], now).percent,
    ).toBeNull();
  });

  it("is unknown again after a night: volts of yesterday say nothing", () => {
    expect(powerKnown(heron, rested, "2027-06-14T19:00:00.000Z").percent?.value).toBe(80);
    expect(powerKnown(heron, rested, "2027-06-14T19:01:00.000Z").percent).toBeNull();
  });

  it("is emptied by what her file says is on at each hour", () => {
    const loads = loadsOf(heron);
    expect(loads.map(({ id }) => id)).toEqual(
      expect.arrayContaining(["fridge-switch", "panel-1", "panel-3", "anchor-light-switch"]),
    );
    const answer = powerAnswer(heron, powerKnown(heron, rested, now), plan, now, "Atlantic/Azores");
    if (!("answer" in answer)) throw new Error("no answer");
    // eight in the morning: fridge 2.2 A and water pump 0.4 A, and the sun of half past eight on 8 A: 4.8 · sin(22.5°)
    const net = 4.8 * Math.sin(Math.PI / 8) - 2.6;
    expect(answer.answer.percent[1]).toBeCloseTo(80 + (100 * net * 0.25) / 210, 6);
    // of those that can be done without the fridge takes most
    expect(answer.answer.dropFirst).toBe("fridge-switch");
    const without = powerAnswer(
      heron,
      powerKnown(heron, rested, now),
      { ...plan, off: ["fridge-switch"] },
      now,
      "Atlantic/Azores",
    );
    expect("answer" in without && without.answer.percent.at(-1)!).toBeGreaterThan(answer.answer.percent.at(-1)!);
  });

  it("knows hours that go past midnight", () => {
    const night = { fromHour: 20, toHour: 7 };
    expect([19, 20, 23, 0, 6, 7].map((hour) => isOnAt(night, hour))).toEqual([false, true, true, true, true, false]);
    expect(isOnAt({ fromHour: 0, toHour: 0 }, 13)).toBe(true);
  });

  it("takes the alternator from her file, or by a rule that is told", () => {
    expect(alternatorOf(heron, "service")).toEqual({
      points: [
        { rpm: 800, amps: 18 },
        { rpm: 1500, amps: 48 },
        { rpm: 2200, amps: 62 },
      ],
      isRule: false,
    });
    // two of 115 A: a quarter at idle, six tenths at 1,600 revs
    expect(alternatorOf(lanterns, "service")).toEqual({
      points: [
        { rpm: 800, amps: 57.5 },
        { rpm: 1600, amps: 138 },
      ],
      isRule: true,
    });
    expect(alternatorOf(auk, "service").points).toEqual([]);
  });

  it("gives no figure without its charge, its loads or a bank", () => {
    const answer = (file: typeof heron, readings: AboardReading[]) =>
      powerAnswer(file, powerKnown(file, readings, now), plan, now, "Atlantic/Azores");
    expect(answer(heron, [])).toEqual({ missing: ["percent"] });
    expect(answer({ ...heron, fittings: {} }, rested)).toEqual({ fault: "no-loads" });
    expect(answer({ ...heron, batteries: {} }, rested)).toEqual({ fault: "no-bank" });
  });
});

describe("holding tanks and gas", () => {
  it("take what comes until nine tenths, with most use and with least", () => {
    const [tank] = holdingTill(
      heron,
      [read("holding", { litres: 0 }, "12T08:00")].map((each) => ({ ...each, reading: holdingKey })),
      4,
    );
    // 49.5 l at 4 · 9 l a day, and at 4 · 4
    expect(tank?.till?.early).toBe(
      new Date(Date.parse("2027-06-12T08:00:00Z") + (49.5 / 36) * 86_400_000).toISOString(),
    );
    expect(tank?.till?.late).toBe(
      new Date(Date.parse("2027-06-12T08:00:00Z") + (49.5 / 16) * 86_400_000).toISOString(),
    );
    expect(holdingTill(heron, [], 4)[0]?.till).toBeNull();
    expect(holdingTill(auk, [], 2)).toEqual([]);
  });
  const holdingKey = Object.entries(heron.readings).find(([, { kind }]) => kind === "holding-tank")?.[0] ?? "";

  it("burn for so many hours", () => {
    const key = Object.entries(heron.readings).find(([, { kind }]) => kind === "gas")![0];
    const left = gasHours(heron, [read(key, { percent: 40, fullBottles: 1, smell: false }, "12T08:00")]);
    // 2.75 kg · 1.4 at 120 g an hour
    expect(left?.hours).toBeCloseTo((2.75 * 1.4 * 1000) / 120, 9);
    expect(gasHours(heron, [])).toBeNull();
    expect(gasHours(auk, [])).toBeNull();
  });
});

it("numbers come oldest first, whatever the order in which they arrived", () => {
  const two = [read("fuel", { litres: 80 }, "14T07:00"), read("fuel", { litres: 150 }, "12T15:00")];
  expect(numbersRead(two, "fuel", "litres").map(({ value }) => value)).toEqual([150, 80]);
});
