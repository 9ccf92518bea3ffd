import fc from "fast-check";
import { canonicalJson, digestOf } from "./digest";
import { exact, roundHalfUp, spread } from "./exact";
import { addDays, dayIn, instantIn, isInstant, lastGoodDay, monthsBetween } from "./instant";
import { median } from "./median";
import { formatMoney, parseMoney } from "./money";
import { graver } from "./verdict";
import { localize } from "./words";

describe("dates", () => {
  it.each([
    ["2027-06", "2027-06-30"],
    ["2028-02", "2028-02-29"],
    ["2027-12", "2027-12-31"],
    ["2027-06-14", "2027-06-14"],
    ["2027-13", null],
    ["2027-02-30", null],
    ["June", null],
  ])("%s is good until %s", (printed, last) => expect(lastGoodDay(printed)).toBe(last));
  it.each([
    ["2027-06-14T08:30:00.000Z", true],
    ["2027-06-14T08:30:00+01:00", true],
    // no zone: another moment on another machine
    ["2027-06-14T08:30:00.0000", false],
    ["2027-06-14T99:00:00Z", false],
    ["2027-02-31T08:30:00Z", false],
    ["2027-06-14", false],
  ])("%s is an instant: %s", (text, is) => expect(isInstant(text)).toBe(is));
  it("counts whole months", () => {
    expect(monthsBetween("2025-03-20", "2027-06-19")).toBe(26);
    expect(monthsBetween("2025-03-20", "2027-06-20")).toBe(27);
    expect(monthsBetween("2027-06-20", "2025-03-20")).toBe(0);
  });
  it("knows the base's day and wall clock: the Azores are UTC in summer and an hour behind it in winter", () => {
    expect(dayIn("2027-01-10T00:30:00.000Z", "Atlantic/Azores")).toBe("2027-01-09");
    expect(instantIn("2027-06-14", "09:00", "Atlantic/Azores")).toBe("2027-06-14T09:00:00.000Z");
    expect(instantIn("2027-01-14", "09:00", "Atlantic/Azores")).toBe("2027-01-14T10:00:00.000Z");
    expect(addDays("2028-02-28", 2)).toBe("2028-03-01");
  });
});

describe("money", () => {
  it.each([
    ["1299", 129900],
    ["12,5", 1250],
    ["1 299.50", 129950],
    ["0.05", 5],
    ["-3", null],
    ["1.234", null],
    ["abc", null],
    ["", null],
  ])("%s is %s", (text, minor) => expect(parseMoney(text, "EUR")).toBe(minor));

  // ISO 4217: the yen has no smaller unit, the Kuwaiti dinar a thousandth
  it.each([
    ["1200", "JPY", 1200],
    ["1200.5", "JPY", null],
    ["1200.", "JPY", null],
    ["1.234", "KWD", 1234],
    ["1.2345", "KWD", null],
  ])("%s in %s is %s", (text, currency, minor) => expect(parseMoney(text, currency)).toBe(minor));
  it("reads back what it writes", () => expect(formatMoney(129950, "EUR")).toBe("€1,299.50"));
  it("spreads a sum so that it adds up, and nobody gets more than his weight", () => {
    expect(spread(10, [1, 1, 1])).toEqual([4, 3, 3]);
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 1_000_000 }), { minLength: 1, maxLength: 12 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (weights, part) => {
          const total = weights.reduce((a, b) => a + b, 0);
          const sum = Math.floor(total * part);
          const parts = spread(sum, weights);
          expect(parts.reduce((a, b) => a + b, 0)).toBe(total === 0 ? 0 : sum);
          parts.forEach((each, i) => expect(each).toBeLessThanOrEqual(weights[i] ?? 0));
        },
      ),
    );
  });
  it("takes a number as it is written", () => {
    expect(exact(0.1).add(exact(0.2)).equals("0.3")).toBe(true);
    expect(roundHalfUp(exact(1.005).mul(100))).toBe(101);
    expect(() => exact(Number.NaN)).toThrow(RangeError);
  });
});

describe("small things", () => {
  it("writes JSON one way", () => {
    expect(canonicalJson({ b: [1, 2.5], a: "ü" })).toBe('{"a":"ü","b":[1,2.5]}');
    expect(digestOf({ b: 1, a: 2 })).toBe(digestOf({ a: 2, b: 1 }));
    // SHA-256 of the two bytes "{}", from the coreutils command of that name
    expect(digestOf({})).toBe("44136fa355b3678a1146ad16f7e8649e94fb4fc21fe77e8310c060f61caaff8a");
  });
  it("finds the middle", () => {
    expect(median([])).toBeNull();
    expect(median([3, 1, 2])).toBe(2);
    expect(median([4, 1, 2, 3])).toBe(2.5);
  });
  it("keeps the graver verdict, and says words in English where a language is missing", () => {
    expect(graver("watch", "stop")).toBe("stop");
    expect(localize({ en: "Mast" }, "de")).toBe("Mast");
  });
});
