import { judge, readingRules } from "./index";
import { readingKinds } from "../yacht/parts/reading-kinds";

const rest = (change: Record<string, unknown>) =>
  judge({
    reading: "battery-rest",
    chemistry: "lead-acid",
    duty: "service",
    nominalV: 12,
    volts: 12.6,
    restHours: 6,
    ...change,
  } as never);

describe("battery at rest", () => {
  // points of the practice's table, and midpoints reckoned by hand
  it.each([
    ["lead-acid", "service", 12.73, 100],
    ["lead-acid", "service", 12.5, 80],
    ["lead-acid", "service", 12.31, 65],
    ["lead-acid", "service", 11.51, 10],
    ["lead-acid", "starter", 12.45, 75],
    ["lead-acid", "starter", 12.55, 88],
    ["agm", "service", 12.65, 80],
    ["gel", "starter", 12.2, 40],
    ["lead-acid", "service", 13.0, 100],
    ["lead-acid", "service", 11.4, 0],
  ])("%s %s at %d V is %d % charged", (chemistry, duty, volts, percent) => {
    expect(rest({ chemistry, duty, volts }).stateOfChargePercent).toBe(percent);
  });

  it.each([
    [{ volts: 12.4 }, "fine"],
    [{ volts: 12.39 }, "watch"],
    [{ volts: 12.0 }, "watch"],
    [{ volts: 11.99 }, "stop"],
    [{ duty: "starter", volts: 12.5 }, "fine"],
    [{ duty: "starter", volts: 12.49 }, "watch"],
    [{ duty: "starter", volts: 12.19 }, "stop"],
    [{ chemistry: "agm", volts: 12.44 }, "watch"],
    [{ nominalV: 24, volts: 24.8 }, "fine"],
    [{ nominalV: 24, volts: 24.7 }, "watch"],
    [{ chemistry: "lfp", volts: 12.91 }, "fine"],
    [{ chemistry: "lfp", volts: 12.9 }, "watch"],
    [{ chemistry: "lfp", volts: 12.5 }, "stop"],
  ])("%o is %s", (change, verdict) => expect(rest(change).verdict).toBe(verdict));

  it("answers the worked example exactly", () => {
    expect(rest({ volts: 12.1, restHours: 5, history: [12.5, 12.5, 12.4] })).toMatchObject({
      verdict: "watch",
      provisional: false,
      askAgain: false,
      stateOfChargePercent: 50,
      limit: { from: "general practice", watchBelowV: 12.4, stopBelowV: 12 },
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
    for (const volts of [7, 10.49, 15.51, 40])
      expect(rest({ volts })).toMatchObject({ verdict: "stop", askAgain: true, stateOfChargePercent: null });
  });

  it("lets the yacht file's limits win", () => {
    expect(rest({ volts: 12.45, limits: { from: "yacht file", watchBelowV: 12.5, stopBelowV: 12.1 } })).toMatchObject({
      verdict: "watch",
      limit: { from: "yacht file" },
    });
    // one limit of its own leaves the other as usual: it never falls away
    expect(rest({ volts: 11.9, limits: { from: "base", watchBelowV: 12.5 } })).toMatchObject({
      verdict: "stop",
      limit: { watchBelowV: 12.5, stopBelowV: 12 },
    });
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
    [
      { reading: "engine-hours", hours: 1540, lastServiceHours: 1310, serviceEveryHours: 250, expectedRunHours: 25 },
      "watch",
    ],
    // a hundred hours run overnight
    [
      {
        reading: "engine-hours",
        hours: 1550,
        lastServiceHours: 1310,
        serviceEveryHours: 250,
        history: [1450],
        sinceLastHours: 12,
      },
      "stop",
    ],
    [{ reading: "engine-hours", hours: 1440, lastServiceHours: 1310, serviceEveryHours: 250, history: [1450] }, "stop"],
    [
      {
        reading: "extinguisher",
        needle: "green",
        pinAndSeal: true,
        date: "2028-01",
        charterFrom: "2027-06-12",
        charterTo: "2027-06-19",
      },
      "fine",
    ],
    [
      {
        reading: "extinguisher",
        needle: "red",
        pinAndSeal: true,
        date: "2028-01",
        charterFrom: "2027-06-12",
        charterTo: "2027-06-19",
      },
      "stop",
    ],
    [
      {
        reading: "extinguisher",
        needle: "green",
        pinAndSeal: false,
        date: "2028-01",
        charterFrom: "2027-06-12",
        charterTo: "2027-06-19",
      },
      "stop",
    ],
  ])("%o is %s", (input, verdict) => expect(judge(input).verdict).toBe(verdict));

  // a month and year run to that month's end; a date inside the charter counts as expired
  it.each([
    ["2027-05", "stop"],
    ["2027-06", "fine"],
    ["2027-06-15", "stop"],
    ["2027-06-19", "watch"],
    ["2027-06-20", "fine"],
    ["2027-02-30", "stop"],
    ["2090-01", "stop"],
  ])("a date of %s for 12 to 19 June 2027 is %s", (date, verdict) => {
    expect(
      judge({ reading: "dated-item", date, charterFrom: "2027-06-12", charterTo: "2027-06-19" } as never).verdict,
    ).toBe(verdict);
  });

  it.each([
    // cranking: weak below 9.6 V on 12 V; nothing is cranked at 12.9 V
    [{ reading: "battery-cranking", nominalV: 12, volts: 9.6 }, "fine"],
    [{ reading: "battery-cranking", nominalV: 12, volts: 9.59 }, "watch"],
    [{ reading: "battery-cranking", nominalV: 24, volts: 19.1 }, "watch"],
    [{ reading: "battery-cranking", nominalV: 12, volts: 8.4 }, "stop"],
    [{ reading: "battery-cranking", nominalV: 12, volts: 12.9 }, "stop"],
    [{ reading: "battery-cranking", nominalV: 12, volts: 10.2, history: [10.8, 10.9, 10.8] }, "watch"],
    // charging: lead-acid takes 13.8 to 14.7; gel is harmed above 14.4; 13.2 V on LFP is its rest voltage
    [{ reading: "charging", chemistry: "lead-acid", nominalV: 12, volts: 14.2, shoreChargerOff: true }, "fine"],
    [{ reading: "charging", chemistry: "lead-acid", nominalV: 12, volts: 13.5, shoreChargerOff: true }, "watch"],
    [{ reading: "charging", chemistry: "lead-acid", nominalV: 12, volts: 12.6, shoreChargerOff: true }, "stop"],
    [{ reading: "charging", chemistry: "lead-acid", nominalV: 12, volts: 14.2, shoreChargerOff: false }, "watch"],
    [{ reading: "charging", chemistry: "lead-acid", nominalV: 12, volts: 14.85, shoreChargerOff: true }, "watch"],
    [{ reading: "charging", chemistry: "lead-acid", nominalV: 12, volts: 15.1, shoreChargerOff: true }, "stop"],
    // 35 °C: ten degrees above 25 take 0.30 V off, 14.8 becomes 14.5
    [
      { reading: "charging", chemistry: "lead-acid", nominalV: 12, volts: 14.6, shoreChargerOff: true, degreesC: 35 },
      "watch",
    ],
    [{ reading: "charging", chemistry: "gel", nominalV: 12, volts: 14.5, shoreChargerOff: true }, "watch"],
    [{ reading: "charging", chemistry: "agm", nominalV: 24, volts: 28.4, shoreChargerOff: true }, "fine"],
    [{ reading: "charging", chemistry: "lfp", nominalV: 12, volts: 13.3, shoreChargerOff: true }, "watch"],
    [{ reading: "charging", chemistry: "lfp", nominalV: 12, volts: 13.3, shoreChargerOff: true, amps: 40 }, "fine"],
    [{ reading: "charging", chemistry: "lfp", nominalV: 12, volts: 13.3, shoreChargerOff: true, amps: 0 }, "stop"],
    [
      {
        reading: "charging",
        chemistry: "agm",
        nominalV: 12,
        volts: 14.6,
        shoreChargerOff: true,
        limits: { from: "yacht file", watchAboveV: 14.5 },
      },
      "watch",
    ],
    [{ reading: "charging", chemistry: "agm", nominalV: 12, volts: 7, shoreChargerOff: true }, "stop"],
    [{ reading: "gearbox-oil", levelPercent: 60, looks: "clear" }, "fine"],
    [{ reading: "gearbox-oil", levelPercent: 60, looks: "milky" }, "stop"],
    [{ reading: "gearbox-oil", levelPercent: 60, looks: "burnt" }, "stop"],
    [{ reading: "gearbox-oil", levelPercent: 140, looks: "clear" }, "stop"],
    // the thumb on the longest run: 10 mm fine, to 15 watch, more stop, under 5 too tight
    [{ reading: "belt", ribbed: false, movesMm: 10, looks: "sound" }, "fine"],
    [{ reading: "belt", ribbed: false, movesMm: 11, looks: "sound" }, "watch"],
    [{ reading: "belt", ribbed: false, movesMm: 16, looks: "sound" }, "stop"],
    [{ reading: "belt", ribbed: false, movesMm: 4, looks: "sound" }, "watch"],
    [{ reading: "belt", ribbed: false, movesMm: 10, looks: "cracked" }, "stop"],
    [{ reading: "belt", ribbed: false, movesMm: 10, looks: "dusty" }, "watch"],
    [{ reading: "belt", ribbed: false, looks: "sound" }, "watch"],
    [{ reading: "belt", ribbed: true, looks: "sound" }, "fine"],
    [{ reading: "cooling-water", flow: "strong", seconds: 12, usualSeconds: 12 }, "fine"],
    [{ reading: "cooling-water", flow: "strong", seconds: 13, usualSeconds: 12 }, "watch"],
    [{ reading: "cooling-water", flow: "strong", seconds: 25, usualSeconds: 12 }, "stop"],
    [{ reading: "cooling-water", flow: "weak" }, "watch"],
    [{ reading: "cooling-water", flow: "none" }, "stop"],
    [{ reading: "strainer", bowl: "clear", lidTight: true, seacockOpen: true, seacockFree: true }, "fine"],
    [{ reading: "strainer", bowl: "clear", lidTight: true, seacockOpen: false, seacockFree: true }, "stop"],
    [{ reading: "strainer", bowl: "clear", lidTight: false, seacockOpen: true, seacockFree: true }, "stop"],
    [{ reading: "strainer", bowl: "weed", lidTight: true, seacockOpen: true, seacockFree: true }, "watch"],
    [{ reading: "strainer", bowl: "clear", lidTight: true, seacockOpen: true, seacockFree: false }, "watch"],
    [{ reading: "bilge", water: "dry", sheen: false, pumpLifts: true }, "fine"],
    [{ reading: "bilge", water: "damp", sheen: false, pumpLifts: true }, "watch"],
    [{ reading: "bilge", water: "dry", sheen: true, pumpLifts: true }, "watch"],
    [{ reading: "bilge", water: "water", sheen: false, pumpLifts: true }, "stop"],
    [{ reading: "bilge", water: "dry", sheen: false, pumpLifts: false }, "stop"],
    [{ reading: "gas", percent: 80, fullBottles: 1, smell: false, bottles: 2 }, "fine"],
    [{ reading: "gas", percent: 20, fullBottles: 0, smell: false, bottles: 2 }, "watch"],
    [{ reading: "gas", percent: 80, fullBottles: 0, smell: false, bottles: 2 }, "watch"],
    [{ reading: "gas", percent: 80, fullBottles: 1, smell: true, bottles: 2 }, "stop"],
    [{ reading: "gas", percent: 140, fullBottles: 1, smell: false, bottles: 2 }, "stop"],
    [{ reading: "holding-tank", litres: 0, capacityL: 55, gaugeStepL: 13.75 }, "fine"],
    [{ reading: "holding-tank", litres: 14, capacityL: 55, gaugeStepL: 13.75 }, "watch"],
    [{ reading: "holding-tank", litres: 50, capacityL: 55 }, "stop"],
    [{ reading: "holding-tank", litres: 60, capacityL: 55 }, "stop"],
    [{ reading: "exhaust-smoke", smoke: "none" }, "fine"],
    [{ reading: "exhaust-smoke", smoke: "brief" }, "fine"],
    [{ reading: "exhaust-smoke", smoke: "white" }, "stop"],
    [{ reading: "exhaust-smoke", smoke: "blue" }, "watch"],
  ])("%o is %s, says why and whose limit it was", (input, verdict) => {
    const judgement = judge(input);
    expect(judgement.verdict).toBe(verdict);
    expect(judgement.why).not.toBe("");
    expect(judgement.limit.from).not.toBe("");
    expect(judgement.do === "").toBe(verdict === "fine");
  });

  it("counts top-ups of coolant: the third in a month is a leak, one of seven weeks ago does not count", () => {
    const coolant = (daysAgo: number[], addedMl: number) =>
      judge({
        reading: "coolant",
        levelPercent: 40,
        addedMl,
        topUps: daysAgo.map((days) => ({ daysAgo: days, addedMl: 200, atHours: null })),
      } as never);
    expect(coolant([25, 8], 200)).toMatchObject({ verdict: "watch", why: "The third top-up of coolant in a month" });
    expect(coolant([50, 8], 200).verdict).toBe("fine");
    expect(coolant([25, 8], 0).verdict).toBe("fine");
  });

  it("sees that she burns more oil since the service", () => {
    // before: 500 ml in the 250 h to 1310 h, 2 ml an hour; since: 300 ml in 60 h, 5 ml an hour
    const topUps = [
      { daysAgo: 90, addedMl: 500, atHours: 1200 },
      { daysAgo: 5, addedMl: 200, atHours: 1350 },
    ];
    const oil = (change: object) =>
      judge({
        reading: "engine-oil",
        levelPercent: 50,
        looks: "black",
        addedMl: 100,
        topUps,
        hours: 1370,
        lastServiceHours: 1310,
        serviceEveryHours: 250,
        ...change,
      } as never);
    expect(oil({})).toMatchObject({ verdict: "watch", why: expect.stringContaining("more oil since the service") });
    // 120 ml in 60 h is 2 ml an hour, as before
    expect(oil({ addedMl: 0, topUps: [topUps[0], { daysAgo: 5, addedMl: 120, atHours: 1350 }] }).verdict).toBe("fine");
    // 15 h after a service nobody can tell
    expect(oil({ hours: 1325, topUps: [topUps[0], { daysAgo: 1, addedMl: 200, atHours: 1320 }] }).verdict).toBe("fine");
  });

  it("takes the impossible for what it is, and asks once more", () => {
    for (const input of [
      { reading: "battery-cranking", nominalV: 12, volts: 3 },
      { reading: "charging", chemistry: "agm", nominalV: 12, volts: 18, shoreChargerOff: true },
      { reading: "gearbox-oil", levelPercent: 300, looks: "clear" },
      { reading: "belt", ribbed: false, movesMm: 150, looks: "sound" },
      { reading: "cooling-water", flow: "strong", seconds: 400 },
      { reading: "gas", percent: 50, fullBottles: 9, smell: false, bottles: 2 },
      { reading: "holding-tank", litres: 90, capacityL: 55 },
    ]) {
      expect(judge(input)).toMatchObject({ verdict: "stop", askAgain: true });
    }
  });

  it("has the name of each rule in its index and its schema", () => {
    expect(Object.keys(readingRules).sort()).toEqual([...readingKinds].sort());
    for (const [name, rule] of Object.entries(readingRules)) {
      expect(rule.name).toBe(name);
      expect((rule.schema as { properties?: { reading?: { const?: string } } }).properties?.reading?.const).toBe(name);
    }
    expect(() => judge({ reading: "astrolabe" })).toThrow(RangeError);
  });
});
