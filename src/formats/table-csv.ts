import Papa from "papaparse";

/** Rows as CSV below their heads; no table program takes a cell of it for a sum. */
export const tableToCsv = (fields: readonly string[], data: readonly (readonly string[])[]): string =>
  Papa.unparse({ fields: [...fields], data: data.map((row) => [...row]) }, { escapeFormulae: true });

/** A table of text as it was read: its heads, and its rows with the line that each begins on. */
export interface TextTable {
  heads: string[];
  rows: { line: number; cells: string[] }[];
}

/**
 * The text of a file that says nothing of its encoding. Lines that are no UTF-8 are read as Windows-1252, line by line: a
 * list put together from several programs holds both.
 */
export function decodeText(bytes: Uint8Array): string {
  const [first, second] = bytes;
  if (first === 0xff && second === 0xfe) return new TextDecoder("utf-16le").decode(bytes);
  if (first === 0xfe && second === 0xff) return new TextDecoder("utf-16be").decode(bytes);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return lineByLine(bytes);
  }
}

const newLine = 0x0a;

function lineByLine(bytes: Uint8Array): string {
  const [utf8, windows] = [new TextDecoder("utf-8", { fatal: true }), new TextDecoder("windows-1252")];
  const lines: string[] = [];
  for (let from = 0; from < bytes.length;) {
    const end = bytes.indexOf(newLine, from);
    const line = bytes.subarray(from, end < 0 ? bytes.length : end + 1);
    try {
      lines.push(utf8.decode(line));
    } catch {
      lines.push(windows.decode(line));
    }
    from += line.length;
  }
  return lines.join("");
}

const delimiters = [";", ",", "\t", "|"] as const;

/** What stands between the cells: what the first line has most of, outside quotes. */
function delimiterOf(text: string): string {
  const [head = ""] = text.trimStart().split("\n", 1);
  const bare = head.replaceAll(/"[^"]*"/g, "");
  const counted = delimiters.map((each) => ({ each, count: bare.split(each).length }));
  return counted.reduce((most, next) => (next.count > most.count ? next : most)).each;
}

/**
 * Reads a table of comma, semicolon or tab separated text. Empty rows are left out; lines count from 1.
 *
 * @returns null where there is no row below a head
 */
export function readTable(text: string): TextTable | null {
  const bare = text.replace(/^\uFEFF/, "");
  const read: TextTable["rows"] = [];
  let at = 0;
  let line = 1;
  Papa.parse<string[]>(bare, {
    skipEmptyLines: false,
    delimiter: delimiterOf(bare),
    step: ({ data, meta }) => {
      if (data.some((cell) => cell.trim() !== "")) read.push({ line, cells: data });
      for (; at < meta.cursor; at++) if (bare.charCodeAt(at) === newLine) line++;
    },
  });
  const [head, ...rows] = read;
  return head && rows.length > 0 ? { heads: head.cells.map((cell) => cell.trim()), rows } : null;
}
