import { judge, readingRules } from "./index";

const rest = (change: Record<string, unknown>) => judge({ reading: "battery-rest", chemistry: "lead-acid", duty: "service", nominalV: 12, volts: 12.6, restHours: 6, ...change } as never);

describe("battery at rest", () => {
  // points of the practice's table, and midpoints reckoned by hand
  it.each([
    ["lead-acid", "service", 12.73, 100], ["lead-acid", "service", 12.5, 80], ["lead-acid", "service", 12.31, 65], ["lead-acid", "service", 11.51, 10],
    ["lead-acid", "starter", 12.45, 75], ["lead-acid", "starter", 12.55, 88], ["agm", "service", 12.65, 80], ["gel", "starter", 12.2, 40],
    ["lead-acid", "service", 13.0, 100], ["lead-acid", "service", 11.4, 0],
  ])("%s %s at %d V is %d % charged", (chemistry, duty, volts, percent) => {
    expect(rest({ chemistry, duty, volts }).stateOfChargePercent).toBe(percent);
  });

  it.each([
    [{ volts: 12.4 }, "fine"], [{ volts: 12.39 }, "watch"], [{ volts: 12.0 }, "watch"], [{ volts: 11.99 }, "stop"],
    [{ duty: "starter", volts: 12.5 }, "fine"], [{ duty: "starter", volts: 12.49 }, "watch"], [{ duty: "starter", volts: 12.19 }, "stop"],
    [{ chemistry: "agm", volts: 12.44 }, "watch"], [{ nominalV: 24, volts: 24.8 }, "fine"], [{ nominalV: 24, volts: 24.7 }, "watch"],
    [{ chemistry: "lfp", volts: 12.91 }, "fine"], [{ chemistry: "lfp", volts: 12.9 }, "watch"], [{ chemistry: "lfp", volts: 12.5 }, "stop"],
  ])("%o is %s", (change, verdict) => expect(rest(change).verdict).toBe(verdict));

  it("answers the worked example exactly", () => {
    expect(rest({ volts: 12.1, restHours: 5, history: [12.5, 12.5, 12.4] })).toMatchObject({
      verdict: "watch", provisional: false, askAgain: false, stateOfChargePercent: 50, limit: { from: "general practice", watchBelowV: 12.4, stopBelowV: 12 },
    });
  });

  it("is only provisional before four hours, and says nothing before one", () => {
    expect(rest({ restHours: 0.5 })).toMatchObject({ verdict: "watch", provisional: true, stateOfChargePercent: null });
    expect(rest({ restHours: 1 })).toMatchObject({ verdict: "fine", provisional: true });
    expect(rest({ restHours: 4 })).toMatchObject({ verdict: "fine", provisional: false });
  });

  it("sees a bank that is still being charged", () => {
    expect(rest({ volts: 13.3 }).verdict).toBe("watch");
    expect(rest({ chemistry: "lfp", volts: 13.5 }).verdict).toBe("fine");
    expect(rest({ chemistry: "lfp", volts: 13.7 }).verdict).toBe("watch");
  });

  it("watches what is out of line with its last five readings, by more than 0.2 V", () => {
    expect(rest({ volts: 12.5, history: [12.7, 12.7, 12.7] }).verdict).toBe("fine");
    expect(rest({ volts: 12.49, history: [11.0, 12.7, 12.7, 12.7, 12.7, 12.7] }).verdict).toBe("watch");
    expect(rest({ nominalV: 24, volts: 25.0, history: [25.4] }).verdict).toBe("fine");
  });

  it("never believes the impossible", () => {
    for (const volts of [7, 10.49, 15.51, 40]) expect(rest({ volts })).toMatchObject({ verdict: "stop", askAgain: true, stateOfChargePercent: null });
  });

  it("lets the yacht file's limits win", () => {
    expect(rest({ volts: 12.45, limits: { from: "yacht file", watchBelowV: 12.5, stopBelowV: 12.1 } })).toMatchObject({ verdict: "watch", limit: { from: "yacht file" } });
  });
});

describe("the other readings", () => {
  it.each([
    [{ reading: "engine-oil", levelPercent: 60, looks: "black" }, "fine"],
    [{ reading: "engine-oil", levelPercent: 10 }, "watch"],
    [{ reading: "engine-oil", levelPercent: -5 }, "stop"],
    [{ reading: "engine-oil", levelPercent: 105 }, "watch"],
    [{ reading: "engine-oil", levelPercent: 140 }, "stop"],
    [{ reading: "engine-oil", levelPercent: 60, looks: "creamy" }, "stop"],
    [{ reading: "engine-oil", levelPercent: 80, history: [60] }, "watch"],
    [{ reading: "coolant", levelPercent: 60 }, "fine"],
    [{ reading: "coolant", levelPercent: 45, history: [60] }, "watch"],
    [{ reading: "coolant", levelPercent: -1 }, "stop"],
    [{ reading: "fuel", litres: 150, capacityL: 150, gaugeStepL: 18.75 }, "fine"],
    [{ reading: "fuel", litres: 131.25, capacityL: 150, gaugeStepL: 18.75 }, "fine"],
    [{ reading: "fuel", litres: 131, capacityL: 150, gaugeStepL: 18.75 }, "watch"],
    [{ reading: "fuel", litres: 151, capacityL: 150 }, "stop"],
    [{ reading: "water", litres: 80, capacityL: 160 }, "fine"],
    [{ reading: "water", litres: 79, capacityL: 160 }, "watch"],
    [{ reading: "engine-hours", hours: 1450, lastServiceHours: 1310, serviceEveryHours: 250 }, "fine"],
    [{ reading: "engine-hours", hours: 1560, lastServiceHours: 1310, serviceEveryHours: 250 }, "watch"],
    [{ reading: "engine-hours", hours: 1540, lastServiceHours: 1310, serviceEveryHours: 250, expectedRunHours: 25 }, "watch"],
    // a hundred hours run overnight
    [{ reading: "engine-hours", hours: 1550, lastServiceHours: 1310, serviceEveryHours: 250, history: [1450], sinceLastHours: 12 }, "stop"],
    [{ reading: "engine-hours", hours: 1440, lastServiceHours: 1310, serviceEveryHours: 250, history: [1450] }, "stop"],
    [{ reading: "extinguisher", needle: "green", pinAndSeal: true, date: "2028-01", charterFrom: "2027-06-12", charterTo: "2027-06-19" }, "fine"],
    [{ reading: "extinguisher", needle: "red", pinAndSeal: true, date: "2028-01", charterFrom: "2027-06-12", charterTo: "2027-06-19" }, "stop"],
    [{ reading: "extinguisher", needle: "green", pinAndSeal: false, date: "2028-01", charterFrom: "2027-06-12", charterTo: "2027-06-19" }, "stop"],
  ])("%o is %s", (input, verdict) => expect(judge(input).verdict).toBe(verdict));

  // a month and year run to that month's end; a date inside the charter counts as expired
  it.each([
    ["2027-05", "stop"], ["2027-06", "fine"], ["2027-06-15", "stop"], ["2027-06-19", "watch"], ["2027-06-20", "fine"], ["2027-02-30", "stop"], ["2090-01", "stop"],
  ])("a date of %s for 12 to 19 June 2027 is %s", (date, verdict) => {
    expect(judge({ reading: "dated-item", date, charterFrom: "2027-06-12", charterTo: "2027-06-19" } as never).verdict).toBe(verdict);
  });

  it("has the name of each rule in its index and its schema", () => {
    for (const [name, rule] of Object.entries(readingRules)) {
      expect(rule.name).toBe(name);
      expect((rule.schema as { properties?: { reading?: { const?: string } } }).properties?.reading?.const).toBe(name);
    }
    expect(() => judge({ reading: "astrolabe" })).toThrow(RangeError);
  });
});
