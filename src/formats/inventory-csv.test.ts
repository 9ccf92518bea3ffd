import Papa from "papaparse";
import { demoYacht } from "../testing/demo-yacht";
import { InventoryItem } from "../core/yacht/parts/handover";
import { CsvFault, inventoryFromCsv, inventoryFromPaste, inventoryToCsv } from "./inventory-csv";

const file = demoYacht("pale-heron");
const heading = "key,name,place,where,system,group,expected,price,bought,life_months,safety,per_person";
const fender = "fender-large,Fender,locker-port,net,hull-and-deck,deck,6,39.00,2025-03-20,60,,";
const take = (...lines: string[]) => inventoryFromCsv(lines.join("\r\n"), file, "EUR");

describe("the inventory as CSV", () => {
  it("comes back the same", () => {
    const csv = inventoryToCsv(file, "EUR");
    expect(csv.split("\r\n")[0]).toBe(`${heading},matter,jacket_from_kg,jacket_to_kg,consumed,raft_places`);
    expect(inventoryFromCsv(csv, file, "EUR")).toEqual(file);
    expect(inventoryFromCsv(`\uFEFF${csv.replaceAll("\r\n", "\n")}`, file, "EUR")).toEqual(file);
  });

  it("has an empty cell for what nobody has told yet, which stays untold; a told one is not emptied", () => {
    const blank = structuredClone(file);
    Object.assign(blank.inventory.bucket!, { expected: -1, boughtOn: "0000-00-00", where: { en: "…" } });
    const csv = inventoryToCsv(blank, "EUR");
    expect(csv.split("\r\n").find((row) => row.startsWith("bucket,"))).not.toMatch(/,-1,|0000-00-00|…/);
    expect(inventoryFromCsv(csv, blank, "EUR")).toEqual(blank);
    expect(() => inventoryFromCsv(csv, file, "EUR")).toThrow(/column "(bought|where|expected)"/);
  });

  it("keeps every field an item can have", () => {
    const full: Required<InventoryItem> = {
      ...{
        name: { en: "Life raft" },
        order: 3,
        place: "stern",
        where: { en: "port" },
        system: "safety",
        group: "deck",
      },
      ...{ expected: 1, replacementMinor: 185050, boughtOn: "2025-03-20", lifeMonths: 144, safety: true },
      ...{ perPerson: true, matter: "raft", jacketKg: { from: 40, to: 90 }, raftPlaces: 8, consumed: true },
    };
    expect(Object.keys(full).sort()).toEqual(Object.keys(InventoryItem.properties).sort());
    const one = { ...file, inventory: { raft: full } };
    expect(inventoryFromCsv(inventoryToCsv(one, "EUR"), one, "EUR")).toEqual(one);
  });

  it("makes cells harmless that a spreadsheet would run, and gives them back as they were", () => {
    const risky = structuredClone(file);
    risky.inventory.torch!.where = { en: '=HYPERLINK("http://elsewhere")' };
    risky.inventory.bucket!.name = { en: '+1 bucket, "red"\nwith rope' };
    const csv = inventoryToCsv(risky, "EUR");
    expect(csv).not.toMatch(/(^|,)"?=HYPERLINK/m);
    expect(csv).toContain("'=HYPERLINK");
    expect(inventoryFromCsv(csv, risky, "EUR")).toEqual(risky);
  });

  it.each([";", "\t"])("takes cells with %j between", (mark) => {
    const csv = inventoryToCsv(file, "EUR");
    const rows = Papa.parse<string[]>(csv, { skipEmptyLines: true }).data;
    expect(inventoryFromCsv(Papa.unparse(rows, { delimiter: mark }), file, "EUR")).toEqual(file);
    if (mark === ";")
      expect(inventoryFromCsv(`sep=;\r\n${Papa.unparse(rows, { delimiter: mark })}`, file, "EUR")).toEqual(file);
  });

  it("counts lines from the first, a line sep=; among them", () => {
    const semicolons = (line: string) => line.replaceAll(",", ";");
    expect(() => take("sep=;", semicolons(heading), semicolons(fender.replace(",6,", ",six,")))).toThrow(
      expect.objectContaining({ line: 3, column: "expected" }),
    );
  });

  it("takes TRUE and FALSE as a spreadsheet writes yes and no", () => {
    const { inventory } = take(heading, fender.replace(/,,$/, ",TRUE,false"));
    expect(inventory["fender-large"]).toMatchObject({ safety: true });
    expect(inventory["fender-large"]).not.toHaveProperty("perPerson");
  });

  it("takes a quote mark in a cell that was pasted between tabs", () => {
    const tabs = (line: string) => line.replaceAll(",", "\t");
    const pasted = [tabs(heading), tabs(fender).replace("Fender", '"Big" fender, 12" wide')].join("\n");
    const { items, faults } = inventoryFromPaste(pasted, file, "EUR");
    expect(faults).toEqual([]);
    expect(items["fender-large"]?.name.en).toBe('"Big" fender, 12" wide');
  });

  it("leaves what a jacket fits and what a thing is about as it was, where a list has no such columns", () => {
    const short = inventoryToCsv(file, "EUR")
      .split("\r\n")
      .map((line) => line.replace(/(,[^,]*){5}$/, ""))
      .join("\r\n");
    expect(short.split("\r\n")[0]).toBe(heading);
    expect(inventoryFromCsv(short, file, "EUR")).toEqual(file);
  });

  it("takes the columns by their names, in any order", () => {
    const turned = (line: string) => line.split(",").reverse().join(",");
    expect(take(turned(heading), turned(fender)).inventory["fender-large"]).toMatchObject({
      expected: 6,
      replacementMinor: 3900,
    });
  });

  it("keeps what the list does not say of an item, and takes out what it does not name", () => {
    const { inventory } = take(heading, fender);
    expect(Object.keys(inventory)).toEqual(["fender-large"]);
    expect(inventory["fender-large"]!.order).toBe(file.inventory["fender-large"]!.order);
  });

  it.each<[string, string[], number, string, RegExp]>([
    ["a missing column", [heading.replace(",price", ""), fender], 1, "price", /is missing. The heading has: key, name/],
    ["a column of its own", [`${heading},colour`, `${fender},red`], 1, "colour", /no such column/],
    ["a column twice", [`${heading},key`, `${fender},x`], 1, "key", /stands twice/],
    ["a quote that is never closed", [heading, fender, fender.replace("Fender", '"Fender')], 3, "", /never closed/],
    ["a day that is not", [heading, fender.replace("2025-03-20", "2025-02-31")], 2, "bought", /"2025-02-31" is no day/],
    ["thousands and a comma", [heading, fender.replace("39.00", '"1.250,00"')], 2, "price", /thousands: 1250\.00\./],
    ["thousands with a comma", [heading, fender.replace("39.00", '"1,250.00"')], 2, "price", /thousands: 1250\.00\./],
    [
      "half a range of weights",
      [`${heading},jacket_from_kg,jacket_to_kg`, `${fender},,90`],
      2,
      "jacket_from_kg",
      /write the lower weight too/,
    ],
    [
      "a range of weights upside down",
      [`${heading},jacket_from_kg,jacket_to_kg`, `${fender},90,40`],
      2,
      "jacket_to_kg",
      /40 is less than jacket_from_kg, 90/,
    ],
    [
      "a decimal comma",
      [heading, fender.replace("39.00", '"39,00"')],
      2,
      "price",
      /write the decimals with a point and nothing between thousands: 39\.00\./,
    ],
    [
      "a comma that makes a cell too many",
      [heading, fender.replace("39.00", "39,00")],
      2,
      "",
      /13 cells where the heading has 12/,
    ],
    ["a price with a currency", [heading, fender.replace("39.00", "€39")], 2, "price", /without a currency/],
    ["half a cent", [heading, fender.replace("39.00", "39.005")], 2, "price", /no price/],
    ["a negative count", [heading, fender.replace(",6,", ",-6,")], 2, "expected", /no whole number from 0 to 9999/],
    ["a place she has not", [heading, fender.replace("locker-port", "attic")], 2, "place", /no place "attic".*bow/],
    ["a system that is none", [heading, fender.replace("hull-and-deck", "hull")], 2, "system", /none of engine/],
    ["a day that is none", [heading, fender.replace("2025-03-20", "20.3.2025")], 2, "bought", /write it as 2027-06-12/],
    ["a key in capitals", [heading, fender.replace("fender-large", "Fender Large")], 2, "key", /small letters/],
    ["a key twice", [heading, fender, fender], 3, "key", /stands twice in this list/],
    ["an empty name", [heading, fender.replace("Fender,", " ,")], 2, "name", /is empty/],
    ["neither yes nor no", [heading, `${fender.slice(0, -1)}maybe,`], 2, "safety", /neither yes nor no/],
  ])("refuses %s, with line and column", (_what, lines, line, column, words) => {
    let fault: unknown;
    try {
      take(...lines);
    } catch (error) {
      fault = error;
    }
    expect(fault).toBeInstanceOf(CsvFault);
    expect(fault).toMatchObject({ line, column, message: expect.stringMatching(words) });
  });

  it("counts lines where a cell has several", () => {
    const long = fender.replace("net", '"net,\nbehind\nthe rope"').replace("fender-large", "fender-long");
    expect(() => take(heading, long, fender.replace(",6,", ",x,"))).toThrow(/^Line 5, column "expected"/);
  });
});
