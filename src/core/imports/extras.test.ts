import { paddleBoard } from "../../testing/extras";
import { readTable, tableToCsv } from "../../formats/table-csv";
import type { Extras } from "../extras/extra";
import { freeKey } from "../yacht/note/propose";
import {
  extraCells,
  extraColumns,
  extraFates,
  extraHeads,
  withExtrasOf,
  type ExtraColumn,
  type KnownExtras,
} from "./extras";

const board = paddleBoard({ brief: { say: { en: "Leash on.", de: "Leine an." }, minutes: 2 }, consumed: true });
const extras: Extras = { "paddle-board": board };
const base: KnownExtras = {
  extras,
  currency: "EUR",
  timeZone: "Atlantic/Azores",
  today: "2027-06-12",
  places: [
    { key: "bow", name: { en: "Bow" } },
    { key: "lazarette", name: { en: "Lazarette", de: "Backskiste" } },
  ],
};
type Cells = Partial<Record<ExtraColumn, string>>;
const fates = (rows: Cells[], known = base) =>
  extraFates(
    {
      heads: extraHeads,
      rows: rows.map((cells, at) => ({ line: at + 2, cells: extraColumns.map((column) => cells[column] ?? "") })),
    },
    known,
  ) ?? [];
const kayak: Cells = { name: "Kayak", where: "on the foredeck" };

describe("a list of extras", () => {
  it("brings what is new with what is usual where it says nothing", () => {
    expect(fates([kayak])[0]).toMatchObject({
      fate: "new",
      becomes: {
        key: null,
        extra: {
          ...{ name: { en: "Kayak" }, where: { en: "on the foredeck" }, places: ["bow"], stock: 1, hireMinor: 0 },
          ...{
            hirePer: "week",
            replacementMinor: 0,
            boughtOn: "2027-06-12",
            lifeMonths: 60,
            system: "comfort",
            group: "deck",
          },
        },
      },
    });
  });

  it("is read as other countries write amounts and days, and places by key or name", () => {
    const [fate] = fates([
      {
        ...kayak,
        stock: "2",
        hire: "1.234,50 €",
        per: "Day",
        replacement: "980",
        boughtOn: "03.05.2026",
        life: "48",
        place: "backskiste",
      },
    ]);
    expect(fate?.becomes?.extra).toMatchObject({
      ...{ stock: 2, hireMinor: 123_450, hirePer: "day", replacementMinor: 98_000 },
      ...{ boughtOn: "2026-05-03", lifeMonths: 48, places: ["lazarette"] },
    });
  });

  it("changes what it names and keeps the rest: what is said of it, its other places, its German", () => {
    const [fate] = fates([{ name: "paddle BOARD", stock: "9", place: "Bow" }]);
    expect(fate).toMatchObject({ fate: "changed", becomes: { key: "paddle-board" } });
    expect(fate?.becomes?.extra).toEqual({
      ...board,
      stock: 9,
      places: ["bow", ...board.places.filter((each) => each !== "bow")],
    });
  });

  it.each([
    [{ name: "" }, "name missing; where missing"],
    [{ name: "Kayak" }, "where missing"],
    [{ ...kayak, stock: "0" }, "stock wrong"],
    [{ ...kayak, stock: "1000" }, "stock wrong"],
    [{ ...kayak, hire: "much" }, "hire wrong"],
    [{ ...kayak, per: "hour" }, "per wrong"],
    [{ ...kayak, boughtOn: "32.01.2026" }, "boughtOn wrong"],
    [{ ...kayak, life: "0" }, "life wrong"],
    [{ ...kayak, place: "moon" }, "place wrong"],
    [{ ...kayak, system: "magic" }, "system wrong"],
    [{ ...kayak, name: "x".repeat(121) }, "name wrong"],
  ])("refuses %j: %s", (row, faults) => {
    const [fate] = fates([row]);
    expect(fate).toMatchObject({ fate: "refused", becomes: null });
    expect(fate?.faults.map(({ column, what }) => `${column} ${what}`).join("; ")).toBe(faults);
  });

  it("refuses the second of two of one name, and a table that says of nothing what it is", () => {
    expect(fates([kayak, { ...kayak, name: "KAYAK" }]).map(({ fate }) => fate)).toEqual(["new", "refused"]);
    expect(extraFates({ heads: ["colour"], rows: [{ line: 2, cells: ["red"] }] }, base)).toBeNull();
  });

  it("is put into the list under keys of their own, and saved and read again is the same", () => {
    const all = withExtrasOf(
      extras,
      fates([kayak, { name: "Kayak, two", where: "aft" }, { name: "Paddle board", stock: "7" }]),
      freeKey,
    );
    expect(Object.keys(all)).toEqual(["paddle-board", "kayak", "kayak-two"]);
    expect(all["paddle-board"]?.stock).toBe(7);
    const table = readTable(
      tableToCsv(
        extraHeads,
        extraCells(all, (minor) => (minor / 100).toFixed(2)),
      ),
    );
    expect(extraFates(table!, { ...base, extras: all })?.map(({ fate }) => fate)).toEqual(["same", "same", "same"]);
  });
});
