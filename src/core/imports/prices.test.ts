import * as fc from "fast-check";
import { plainAmount } from "./amount";
import { priceFates, priceHeads, withPrices } from "./prices";

const scratch = {
  id: "a",
  words: "Gelcoat scratch",
  category: "hull" as const,
  remedy: "repair" as const,
  materialMinor: 2000,
  labourMinutes: 30,
  lifeMonths: null,
};
const line = {
  id: "b",
  words: "Mooring line",
  category: "deck" as const,
  remedy: "replace" as const,
  materialMinor: 4500,
  labourMinutes: 0,
  lifeMonths: 60,
};
const table = (heads: readonly string[], ...rows: string[][]) => ({
  heads,
  rows: rows.map((cells, at) => ({ line: at + 2, cells })),
});
const told = (...rows: string[][]) =>
  priceFates(table(priceHeads, ...rows), [scratch, line], "EUR")?.map(({ fate, faults }) =>
    [fate, ...faults.map(({ column, what }) => `${column} ${what}`)].join(" "),
  );

describe("an amount", () => {
  it("is read as other countries write it", () => {
    expect(
      [
        "1299",
        "12,50",
        "12.5",
        "1.234,50 €",
        "1,234.50",
        "€ 1 299,00",
        "1'200",
        "1.234",
        "1,234,567",
        "EUR 7",
        "12.345,6",
      ].map(plainAmount),
    ).toEqual(["1299", "12.50", "12.5", "1234.50", "1234.50", "1299.00", "1200", "1234", "1234567", "7", "12345.6"]);
    expect(["", "dear", "-5", "1.2.3", "12,", "1,23,4", "12.3456", "1.2345,5"].map(plainAmount)).toEqual(
      Array(8).fill(null),
    );
  });

  it("comes back from whatever it was grouped by", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 99_999_999 }),
        fc.constantFrom("de-DE", "en-GB", "de-CH"),
        (minor, locale) => {
          const written = new Intl.NumberFormat(locale, { minimumFractionDigits: 2 }).format(minor / 100);
          expect(plainAmount(written)).toBe((minor / 100).toFixed(2));
        },
      ),
    );
  });
});

describe("a list of prices", () => {
  it("is told row by row: new, changed, as it stands, or refused and why", () => {
    expect(
      told(
        ["Gelcoat scratch", "hull", "repair", "20,00", "30", ""],
        ["mooring  LINE", "", "", "48.00", "", ""],
        ["Fender", "deck", "replace", "1.035,00", "0", "36"],
        ["Odd", "roof", "mend", "dear", "1.5", "0"],
        ["", "deck", "repair", "1", "1", ""],
        ["fender", "deck", "replace", "2", "0", "36"],
      ),
    ).toEqual([
      "same",
      "changed",
      "new",
      "refused category wrong remedy wrong material wrong minutes wrong life wrong",
      "refused words missing",
      "refused words twice",
    ]);
  });

  it("is told by foreign heads; without one that says what a line is it is none", () => {
    const found = priceFates(table(["Bezeichnung", "Preis"], ["Mooring line", "48"]), [line], "EUR");
    expect(found?.[0]).toMatchObject({ fate: "changed", becomes: { ...line, materialMinor: 4800 } });
    expect(priceFates(table(["Preis"], ["48"]), [line], "EUR")).toBeNull();
    // the yen has no smaller unit
    expect(priceFates(table(priceHeads, ["X", "", "", "48.50", "", ""]), [], "JPY")?.[0]?.fate).toBe("refused");
  });

  it("changes lines where they stand, adds new ones at the end, and changes nothing when it comes again", () => {
    const rows = table(
      priceHeads,
      ["Fender", "deck", "replace", "35", "0", "36"],
      ["Gelcoat scratch", "", "", "22", "", ""],
    );
    const fates = priceFates(rows, [scratch, line], "EUR") ?? [];
    const items = withPrices([scratch, line], fates, (at) => `new-${at}`);
    expect(items).toEqual([
      { ...scratch, materialMinor: 2200 },
      line,
      {
        id: "new-2",
        words: "Fender",
        category: "deck",
        remedy: "replace",
        materialMinor: 3500,
        labourMinutes: 0,
        lifeMonths: 36,
      },
    ]);
    expect(priceFates(rows, items, "EUR")?.map(({ fate }) => fate)).toEqual(["same", "same"]);
  });
});
