import { highest, isRange, lowest, readSpan, writtenSpan } from "./span";

describe("a figure or a range", () => {
  it.each([
    ["1500", 1500],
    [" 12,5 ", 12.5],
    ["1500-1800", { from: 1500, to: 1800 }],
    ["1500 – 1800", { from: 1500, to: 1800 }],
    ["5 to 10", { from: 5, to: 10 }],
    // one figure written twice is one figure
    ["12-12", 12],
    // a range that falls, a sign, words, nothing
    ["1800-1500", null],
    ["-5", null],
    ["about 5", null],
    ["", null],
  ])("is read from %j", (text, span) => {
    expect(readSpan(text)).toEqual(span);
  });

  it("is written as it is read", () => {
    for (const span of [7, 12.5, { from: 3, to: 4 }]) expect(readSpan(writtenSpan(span))).toEqual(span);
  });

  it("has a least and a most", () => {
    expect([lowest(5), highest(5)]).toEqual([5, 5]);
    expect([lowest({ from: 1, to: 2 }), highest({ from: 1, to: 2 })]).toEqual([1, 2]);
  });

  it("is no row that has more than two ends", () => {
    expect(isRange({ from: 1, to: 2, order: 3 })).toBe(false);
    expect(isRange({ from: "a", to: "b" })).toBe(false);
    expect(isRange(null)).toBe(false);
    expect(isRange({ from: 1, to: 2 })).toBe(true);
  });
});
