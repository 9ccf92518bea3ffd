import { chartersToCsv } from "./charters-csv";
import { decodeText, readTable } from "./table-csv";
import { charterColumns, guessMapping } from "../core/imports/columns";

const bytes = (...parts: (string | number[])[]) =>
  new Uint8Array(parts.flatMap((part) => (typeof part === "string" ? [...new TextEncoder().encode(part)] : part)));

describe("the text of a file", () => {
  it("is read in the encoding that it is in", () => {
    expect(decodeText(bytes("Jörn;Sø"))).toBe("Jörn;Sø");
    expect(decodeText(bytes([0xff, 0xfe, 0x4a, 0, 0xf6, 0]))).toBe("Jö");
    expect(decodeText(bytes([0xfe, 0xff, 0, 0x4a, 0, 0xf6]))).toBe("Jö");
    expect(decodeText(bytes("J", [0xf6], "rn"))).toBe("Jörn");
  });

  it("is read line by line where a list was put together from several", () => {
    expect(decodeText(bytes("Jörn\n", "J", [0xf6], "rn\n", "Zoë"))).toBe("Jörn\nJörn\nZoë");
  });
});

describe("a table", () => {
  it("has its heads, and rows with the line that each begins on", () => {
    expect(readTable('\uFEFFNo; Name \r\n1;"two\r\nlines"\r\n\r\n;\r\n2;"a;b"\r\n')).toEqual({
      heads: ["No", "Name"],
      rows: [
        { line: 2, cells: ["1", "two\r\nlines"] },
        { line: 6, cells: ["2", "a;b"] },
      ],
    });
  });

  it("is told by commas, semicolons or tabs", () => {
    for (const by of [",", ";", "\t"]) expect(readTable(`a${by}b\n1${by}2`)?.rows[0]?.cells).toEqual(["1", "2"]);
  });

  it("is none without a row", () => {
    expect([readTable(""), readTable("a;b"), readTable("a;b\n;\n")]).toEqual([null, null, null]);
  });
});

it("charters are saved in the columns that are taken in again", () => {
  const charter = Object.fromEntries(charterColumns.map((column) => [column, `my ${column}`])) as Record<
    (typeof charterColumns)[number],
    string
  >;
  const table = readTable(chartersToCsv([{ ...charter, chartererPhone: "+000 555" }]));
  expect(guessMapping(table?.heads ?? [])).toEqual(
    Object.fromEntries(charterColumns.map((column, place) => [column, place])),
  );
  // no table program takes it for a sum
  expect(table?.rows[0]?.cells[charterColumns.indexOf("chartererPhone")]).toBe("'+000 555");
});
