import { demoYacht } from "@/testing/demo-yacht";
import { judge, readingRules } from "./index";
import type { GivenFrom } from "./rule";
import { outOfLine } from "./trend";

const verdictOf = (input: { reading: string }) => judge(input).verdict;
const cases = (reading: string, sound: object, rows: [change: object, verdict: string][]) =>
  describe(reading, () =>
    it.each(rows)("%j is %s", (change, verdict) => {
      expect(verdictOf({ reading, ...sound, ...change })).toBe(verdict);
    }),
  );

// limits by our own rules of thumb, as their files say; edges on both sides
cases("loaded-volts", { chemistry: "agm", nominalV: 12, capacityAh: 200, volts: 12.3, amps: 10 }, [
  [{}, "fine"],
  [{ volts: 12 }, "fine"],
  [{ volts: 11.99 }, "watch"],
  [{ volts: 11.49 }, "stop"],
  // 48 V are four times as much, lithium has its own
  [{ nominalV: 48, volts: 48 }, "fine"],
  [{ nominalV: 48, volts: 47.9 }, "watch"],
  [{ chemistry: "lfp", volts: 12.7 }, "watch"],
  [{ chemistry: "lfp", volts: 12.4 }, "stop"],
  // 4 A out of 200 Ah say nothing
  [{ amps: 4 }, "watch"],
  [{ limits: { from: "maker", watchBelowV: 12.4 } }, "watch"],
]);
cases("oil-pressure", { bar: 3, warm: true, idling: false }, [
  [{}, "fine"],
  [{ bar: 2.4 }, "watch"],
  [{ bar: 1.4 }, "stop"],
  [{ idling: true, bar: 1.2 }, "fine"],
  [{ idling: true, bar: 0.9 }, "watch"],
  [{ idling: true, bar: 0.4 }, "stop"],
  // cold oil shows more than there will be: nothing is said yet
  [{ warm: false, bar: 2 }, "fine"],
  [{ bar: 14 }, "stop"],
]);
cases("engine-temperature", { degreesC: 82 }, [
  [{}, "fine"],
  [{ degreesC: 95 }, "fine"],
  [{ degreesC: 96 }, "watch"],
  [{ degreesC: 101 }, "stop"],
  [{ degreesC: 90, limits: { from: "maker", watchAboveC: 88 } }, "watch"],
]);
cases("idle-revs", { rpm: 850 }, [
  [{}, "fine"],
  [{ rpm: 640 }, "watch"],
  [{ rpm: 1100 }, "watch"],
  [{ rpm: 1100, leastRpm: 900, mostRpm: 1200 }, "fine"],
]);
cases("generator-output", { volts: 230, hertz: 50 }, [
  [{}, "fine"],
  [{ volts: 208 }, "fine"],
  [{ volts: 206 }, "watch"],
  [{ volts: 190 }, "stop"],
  [{ hertz: 53 }, "watch"],
  [{ hertz: 56 }, "stop"],
]);
cases("state-of-charge", { percent: 90 }, [
  [{}, "fine"],
  [{ percent: 69 }, "watch"],
  [{ percent: 19 }, "stop"],
  [{ percent: 101 }, "stop"],
]);
cases("shaft-drip", { seal: "packed", dripsTurning: 4, dripsStill: 0 }, [
  [{}, "fine"],
  [{ dripsTurning: 0 }, "watch"],
  [{ dripsTurning: 13 }, "watch"],
  [{ dripsStill: 2 }, "watch"],
  [{ dripsTurning: 80 }, "stop"],
  [{ seal: "dripless", dripsTurning: 0 }, "fine"],
  [{ seal: "dripless", dripsTurning: 1 }, "watch"],
]);
cases("log-calibration", { logKn: 5, groundKn: 5 }, [
  [{}, "fine"],
  [{ logKn: 4.5 }, "fine"],
  [{ logKn: 4.4 }, "watch"],
  [{ logKn: 0 }, "watch"],
  [{ groundKn: 0 }, "stop"],
]);
// she draws 1.6 m; 4.0 m by the lead is 2.4 m below the keel
cases("depth-calibration", { from: "keel", draughtM: 1.6, leadM: 4, shownM: 2.4 }, [
  [{}, "fine"],
  [{ shownM: 2.6 }, "fine"],
  // more water than there is puts her aground
  [{ shownM: 2.7 }, "stop"],
  [{ shownM: 2.1 }, "watch"],
  [{ from: "surface", shownM: 4 }, "fine"],
  [{ from: "surface", shownM: 2.4 }, "watch"],
  [{ from: "transducer", shownM: 3.5 }, "fine"],
  [{ from: "transducer", shownM: 4.3 }, "stop"],
  [{ leadM: 0.9 }, "stop"],
]);

it("says that the depth shows more water than there is, and by how much", () => {
  expect(judge({ reading: "depth-calibration", from: "keel", draughtM: 1.6, leadM: 4, shownM: 4 } as never).why).toBe(
    "It shows 1.6 m more water than there is",
  );
});

describe("out of line with the last five", () => {
  it.each([
    // median 14.2, scatter 0.05: three times 1.4826 × 0.05 is 0.22, and the least difference 0.3 is more
    [[14.2, 14.1, 14.2, 14.3, 14.2], 14.5, null],
    [[14.2, 14.1, 14.2, 14.3, 14.2], 13.8, { usual: 14.2, by: 0.4, way: "lower" }],
    // two are too few
    [[14.2, 14.2], 13, null],
    // the oldest of six does not count: median of the last five 10, scatter 0
    [[99, 10, 10, 10, 10, 10], 10.4, { usual: 10, by: 0.4, way: "higher" }],
    // what scatters by itself may: median 10, deviations 2 2 0 2 2, 3 × 1.4826 × 2 = 8.9
    [[8, 12, 10, 8, 12], 18, null],
    [[8, 12, 10, 8, 12], 19, { usual: 10, by: 9, way: "higher" }],
  ])("%j and then %d", (history, value, line) => {
    expect(outOfLine(history, value, 0.3)).toEqual(line);
  });

  it.each([
    ["charging", { chemistry: "agm", nominalV: 12, volts: 14.5, shoreChargerOff: true }, [13.9, 13.9, 13.9]],
    ["belt", { ribbed: false, movesMm: 10, looks: "sound" }, [6, 6, 6]],
    ["gearbox-oil", { levelPercent: 30, looks: "clear" }, [80, 80, 80]],
    ["oil-pressure", { bar: 3, warm: true, idling: false }, [4, 4, 4]],
  ])("%s is watched, though it is inside its limits", (reading, value, history) => {
    expect(verdictOf({ reading, ...value } as never)).toBe("fine");
    expect(judge({ reading, ...value, history } as never)).toMatchObject({
      verdict: "watch",
      why: expect.stringMatching(/than the last ones, usually about/),
    });
  });

  it("leaves a verdict that is graver as it is", () => {
    const input = { reading: "charging", chemistry: "agm", nominalV: 12, volts: 12.9, shoreChargerOff: true };
    expect(judge({ ...input, history: [14.2, 14.2, 14.2] } as never)).toEqual(judge(input as never));
  });
});

describe("charging with temperature", () => {
  it("falls with each degree above 25", () => {
    const input = { reading: "charging", chemistry: "gel", nominalV: 12, volts: 14.3, shoreChargerOff: true };
    expect(verdictOf(input as never)).toBe("fine");
    // ten degrees more lower the 14.4 V by 0.3
    expect(verdictOf({ ...input, degreesC: 35 } as never)).toBe("watch");
  });
});

const from: GivenFrom = {
  file: demoYacht("pale-heron"),
  of: "main",
  with: [],
  fromDay: "2027-06-12",
  toDay: "2027-06-19",
  earlier: [],
  openedAt: "2027-06-12T12:00:00Z",
  hoursAt: () => null,
};

describe("printed dates", () => {
  const date = (date: string, lastDate?: string) =>
    judge({
      reading: "dated-item",
      date,
      charterFrom: "2027-06-12",
      charterTo: "2027-06-19",
      ...(lastDate ? { lastDate } : {}),
    } as never);

  it("are carried over from the last record", () => {
    const earlier = [
      { value: { date: "2027-11" }, at: "2027-05-01T12:00:00Z" },
      { value: { date: "2029-04" }, at: "2027-06-05T12:00:00Z" },
    ];
    for (const kind of ["dated-item", "extinguisher", "document"])
      expect(readingRules[kind]?.given({ ...from, earlier })).toMatchObject({ lastDate: "2029-04" });
    expect(readingRules["dated-item"]?.given(from)).not.toHaveProperty("lastDate");
  });

  it("are asked about when they move backward, and only then", () => {
    expect(date("2029-04", "2028-04").verdict).toBe("fine");
    expect(date("2029-04", "2029-04").verdict).toBe("fine");
    // the month's end is the day's own
    expect(date("2029-04-30", "2029-04")).toMatchObject({ verdict: "fine", askAgain: false });
    expect(date("2028-04", "2029-04")).toMatchObject({ verdict: "watch", askAgain: true });
    expect(date("2026-04", "2029-04")).toMatchObject({ verdict: "stop", askAgain: true });
  });
});

describe("hours that such charters run", () => {
  const read = (day: string, hours: number) => ({ value: { hours }, at: `${day}T12:00:00Z` });
  const given = (earlier: GivenFrom["earlier"]) => readingRules["engine-hours"]!.given({ ...from, earlier });

  it("are the median of a day's hours between records, times the days", () => {
    // 21, 14 and 28 h in seven days are 3, 2 and 4 a day; the median of 3 times seven is 21
    const earlier = [
      read("2027-05-01", 100),
      read("2027-05-08", 121),
      read("2027-05-15", 135),
      read("2027-05-22", 163),
      // the turn-round on the same day is no charter
      read("2027-05-22", 163.2),
    ];
    expect(given(earlier)).toMatchObject({ expectedRunHours: 21 });
  });

  it("are not known after one charter", () => {
    expect(given([read("2027-05-01", 100), read("2027-05-08", 121)])).not.toHaveProperty("expectedRunHours");
  });

  it("bring a service that falls due within the charter up before it", () => {
    const input = { reading: "engine-hours", hours: 240, lastServiceHours: 0, serviceEveryHours: 250 };
    expect(verdictOf({ ...input, expectedRunHours: 9 } as never)).toBe("fine");
    expect(judge({ ...input, expectedRunHours: 21 } as never)).toMatchObject({
      verdict: "watch",
      why: "Service is due in 10 h, within this charter",
    });
  });
});
