import { lateReturn } from "./late-return";
import { doubledItems, noPrices, priceOf, type PriceItem } from "./prices";

const item = (id: string): PriceItem => ({
  id,
  words: id,
  category: "hull",
  remedy: "repair",
  materialMinor: 1800,
  labourMinutes: 60,
  lifeMonths: null,
});

describe("the price list", () => {
  it("adds labour to material: 18.00 + 60 min × 58.00/h = 76.00; 42.00 + 180 min = 216.00", () => {
    expect(priceOf(item("chip"), 5800)).toBe(7600);
    expect(priceOf({ materialMinor: 4200, labourMinutes: 180 }, 5800)).toBe(21600);
  });
  it("rounds once, halves up: 7 min × 58.50/h = 6.825 → 6.83", () =>
    expect(priceOf({ materialMinor: 0, labourMinutes: 7 }, 5850)).toBe(683));
  it("names what stands twice", () => {
    expect(doubledItems({ ...noPrices, items: [item("a"), item("b"), item("a")] })).toEqual(["a"]);
    expect(doubledItems({ ...noPrices, items: [item("a"), item("b")] })).toEqual([]);
  });
});

describe("coming back late", () => {
  const terms = { freeMinutes: 30, perHourMinor: 5000 };
  const back = (time: string) => lateReturn("2027-06-19T09:00:00.000Z", `2027-06-19T${time}:00.000Z`, terms);
  it("costs nothing in time or within the free minutes", () => {
    expect(back("08:40")).toBeNull();
    expect(back("09:30")).toBeNull();
  });
  it("costs every hour begun after that: 31 min is one, 100 min are two, 120 min two, 121 three", () => {
    expect(["09:31", "10:40", "11:00", "11:01"].map((time) => back(time)?.hours)).toEqual([1, 2, 2, 3]);
    expect(back("10:40")).toEqual({ minutes: 100, hours: 2, amountMinor: 10000 });
  });
});
