import Papa from "papaparse";
import { isDay } from "../core/basics/instant";
import { minorDigits } from "../core/basics/money";
import { clearanceTopics, type ClearanceTopic } from "../core/basics/clearance-topics";
import { blankDay, blankFigure, blankWords, isBlank } from "../core/yacht/parts/blank";
import { groups, systems, type Group, type System, type YachtFile } from "../core/yacht/schema";

/** A list that cannot be taken: line and column of the text, and how to mend it. */
export class CsvFault extends Error {
  override readonly name = "CsvFault";
  constructor(
    readonly line: number,
    readonly column: string,
    what: string,
  ) {
    super(`Line ${line}${column === "" ? "" : `, column "${column}"`}: ${what}`);
  }
}

const columns = [
  "key",
  "name",
  "place",
  "where",
  "system",
  "group",
  "expected",
  "price",
  "bought",
  "life_months",
  "safety",
  "per_person",
  "matter",
  "jacket_from_kg",
  "jacket_to_kg",
  "consumed",
  "raft_places",
] as const;
type Column = (typeof columns)[number];
/** A list may leave these out, as earlier ones did: what the file says of them then stays. */
const mayBeMissing: readonly Column[] = ["matter", "jacket_from_kg", "jacket_to_kg", "consumed", "raft_places"];
type Item = YachtFile["inventory"][string];

/** What nobody has told yet is an empty cell, and stays untold when the list comes back with it. */
const unlessBlank = (fact: string | number): string | number => (isBlank(fact) ? "" : fact);

/** What a spreadsheet would run as a formula. */
const formula = /^[=+\-@\t\r]/;

/**
 * The inventory and price list of a yacht as CSV (RFC 4180, UTF-8, decimal point). A cell that a spreadsheet would run
 * as a formula is given a quote mark in front, which is taken off again when the list comes back.
 */
export function inventoryToCsv(file: Pick<YachtFile, "inventory">, currency: string): string {
  const digits = minorDigits(currency);
  const rows = Object.entries(file.inventory)
    .sort(([, a], [, b]) => (a.place === b.place ? a.order - b.order : a.place < b.place ? -1 : 1))
    .map(([key, item]): Record<Column, string | number> => ({
      key,
      name: item.name.en ?? "",
      place: item.place,
      where: unlessBlank(item.where.en ?? ""),
      system: item.system,
      group: item.group,
      expected: unlessBlank(item.expected),
      price: (item.replacementMinor / 10 ** digits).toFixed(digits),
      bought: unlessBlank(item.boughtOn),
      life_months: item.lifeMonths,
      safety: item.safety ? "yes" : "",
      per_person: item.perPerson ? "yes" : "",
      matter: item.matter ?? "",
      jacket_from_kg: item.jacketKg?.from ?? "",
      jacket_to_kg: item.jacketKg?.to ?? "",
      consumed: item.consumed ? "yes" : "",
      raft_places: item.raftPlaces ?? "",
    }));
  return `${Papa.unparse(rows, { columns: [...columns], newline: "\r\n", escapeFormulae: formula })}\r\n`;
}

/**
 * A yacht file with its inventory taken from a list: the whole list, all or nothing. What the list does not name is
 * taken out of the file; a preview says so before anybody publishes.
 *
 * Cells stand between commas, semicolons or tabs, as the heading has them; a first line `sep=;` says so too.
 *
 * @throws CsvFault for a missing column, a cell that cannot be, a key or an open quote, with its line
 */
export function inventoryFromCsv(text: string, file: YachtFile, currency: string): YachtFile {
  const { items, faults } = readItems(text, file, currency);
  if (faults[0]) throw faults[0];
  return { ...file, inventory: items };
}

/**
 * Items out of lines pasted from a spreadsheet (cells with tabs, semicolons or commas between): every line that is sound, and what is
 * wrong with each of the others. What is not among them stays in the file as it is.
 *
 * @throws CsvFault for a heading that cannot be read
 */
export function inventoryFromPaste(
  text: string,
  file: YachtFile,
  currency: string,
): { items: YachtFile["inventory"]; faults: CsvFault[] } {
  return readItems(text, file, currency);
}

function readItems(
  text: string,
  file: YachtFile,
  currency: string,
): { items: YachtFile["inventory"]; faults: CsvFault[] } {
  const { data, errors, firstLine } = cellsOf(text.replace(/^\uFEFF/, ""));
  const lines = lineNumbers(data, firstLine);
  const [broken] = errors;
  if (broken)
    throw new CsvFault(
      lines[broken.row ?? 0] ?? 1,
      "",
      broken.code === "MissingQuotes" ? "a quote mark is opened and never closed." : `${broken.message}.`,
    );
  const [header = [], ...rows] = data;
  const at = headerColumns(header);
  const items: YachtFile["inventory"] = {};
  const faults: CsvFault[] = [];
  rows.forEach((cells, index) => {
    const line = lines[index + 1] ?? index + 2;
    const fault = (column: Column, what: string) => new CsvFault(line, column, what);
    try {
      if (cells.length !== header.length)
        throw new CsvFault(
          line,
          "",
          `${cells.length} cells where the heading has ${header.length}; a comma inside a text needs quote marks around the text.`,
        );
      const cell = (column: Column) => unquoted((cells[at[column]] ?? "").trim());
      const key = cell("key");
      if (!/^[a-z0-9]+(-[a-z0-9]+)*$/.test(key))
        throw fault("key", `"${key}" is no key: small letters, digits and hyphens, such as "fender-large".`);
      if (Object.hasOwn(items, key)) throw fault("key", `"${key}" stands twice in this list.`);
      items[key] = itemOf(cell, (column) => at[column] >= 0, fault, file, file.inventory[key], index, currency);
    } catch (error) {
      if (!(error instanceof CsvFault)) throw error;
      faults.push(error);
    }
  });
  return { items, faults };
}

/** Cells of each row, and on which line of the text the first row stands. */
function cellsOf(text: string) {
  const told = /^sep=(.)\r?\n/i.exec(text);
  const plain = told ? text.slice(told[0].length) : text;
  const heading = plain.split("\n", 1)[0] ?? "";
  const delimiter =
    told?.[1] ??
    ["\t", ";", ","].reduce((best, each) => (heading.split(each).length > heading.split(best).length ? each : best));
  const parse = (quoteChar: string) =>
    Papa.parse<string[]>(plain, { header: false, skipEmptyLines: "greedy", delimiter, quoteChar });
  const quoted = parse('"');
  // a spreadsheet copies 12" of rope as it stands: between tabs a quote mark may be a letter like any other
  const asLetters = quoted.errors.length > 0 && delimiter === "\t" ? parse(noQuote) : quoted;
  const { data, errors } = asLetters.errors.length === 0 ? asLetters : quoted;
  return { data, errors, firstLine: told ? 2 : 1 };
}

/** Stands in no text that is taken. */
const noQuote = "\u0000";

function headerColumns(header: readonly string[]): Record<Column, number> {
  const names = header.map((name) => name.trim().toLowerCase());
  const missing = columns.find((column) => !names.includes(column) && !mayBeMissing.includes(column));
  if (missing)
    throw new CsvFault(1, missing, `this column is missing. The heading has: ${columns.join(", ")}; in any order.`);
  const strange = names.find((name) => !(columns as readonly string[]).includes(name));
  if (strange !== undefined)
    throw new CsvFault(1, strange, `there is no such column. The heading has: ${columns.join(", ")}.`);
  const twice = names.find((name, i) => names.indexOf(name) !== i);
  if (twice !== undefined) throw new CsvFault(1, twice, "this column stands twice.");
  return Object.fromEntries(columns.map((column) => [column, names.indexOf(column)])) as Record<Column, number>;
}

function itemOf(
  cell: (column: Column) => string,
  has: (column: Column) => boolean,
  fault: (column: Column, what: string) => CsvFault,
  file: YachtFile,
  before: Item | undefined,
  order: number,
  currency: string,
): Item {
  const text = (column: "name" | "where", most: number) => {
    const value = cell(column);
    if (column === "where" && value === "" && isBlank(before?.where.en)) return { en: blankWords };
    if (value === "") throw fault(column, "is empty.");
    if (value.length > most) throw fault(column, `is longer than ${most} letters.`);
    return { ...(column === "name" ? before?.name : before?.where), en: value };
  };
  const whole = (
    column: "expected" | "life_months" | "jacket_from_kg" | "jacket_to_kg" | "raft_places",
    least: number,
    most: number,
  ) => {
    const value = cell(column);
    if (!/^\d{1,6}$/.test(value) || Number(value) < least || Number(value) > most)
      throw fault(column, `"${value}" is no whole number from ${least} to ${most}.`);
    return Number(value);
  };
  const yes = (column: "safety" | "per_person" | "consumed") => {
    const value = cell(column).toLowerCase();
    if (!["", "yes", "no", "true", "false"].includes(value)) throw fault(column, `"${value}" is neither yes nor no.`);
    return value === "yes" || value === "true";
  };
  const oneOf = <T extends string>(column: "system" | "group" | "matter", allowed: readonly T[]): T => {
    const value = cell(column) as T;
    if (!allowed.includes(value)) throw fault(column, `"${value}" is none of ${allowed.join(", ")}.`);
    return value;
  };
  const place = cell("place");
  if (!Object.hasOwn(file.places, place))
    throw fault(
      "place",
      `there is no place "${place}" on this yacht. There are: ${Object.keys(file.places).join(", ")}.`,
    );
  const bought = cell("bought") === "" && isBlank(before?.boughtOn) ? blankDay : cell("bought");
  if (bought !== blankDay && !isDay(bought)) throw fault("bought", `"${bought}" is no day; write it as 2027-06-12.`);
  const item: Item = {
    name: text("name", 200),
    order: before?.order ?? 1000 + order,
    place,
    where: text("where", 400),
    system: oneOf<System>("system", systems),
    group: oneOf<Group>("group", groups),
    expected: cell("expected") === "" && isBlank(before?.expected) ? blankFigure : whole("expected", 0, 9999),
    replacementMinor: priceOf(cell("price"), (what) => fault("price", what), currency),
    boughtOn: bought,
    lifeMonths: whole("life_months", 1, 1200),
  };
  if (yes("safety")) item.safety = true;
  if (yes("per_person")) item.perPerson = true;
  if (!has("matter")) Object.assign(item, before?.matter ? { matter: before.matter } : {});
  else if (cell("matter") !== "") item.matter = oneOf<ClearanceTopic>("matter", clearanceTopics);
  if (!has("jacket_from_kg")) Object.assign(item, before?.jacketKg ? { jacketKg: before.jacketKg } : {});
  else item.jacketKg = jacketOf(cell, whole, fault);
  if (item.jacketKg === undefined) delete item.jacketKg;
  if (has("consumed") ? yes("consumed") : before?.consumed) item.consumed = true;
  if (!has("raft_places")) Object.assign(item, before?.raftPlaces ? { raftPlaces: before.raftPlaces } : {});
  else if (cell("raft_places") !== "") item.raftPlaces = whole("raft_places", 1, 60);
  return item;
}

/** Whom a jacket fits; nobody in particular where neither cell is filled. */
function jacketOf(
  cell: (column: Column) => string,
  whole: (column: "jacket_from_kg" | "jacket_to_kg", least: number, most: number) => number,
  fault: (column: Column, what: string) => CsvFault,
): Item["jacketKg"] {
  const isOpen = cell("jacket_to_kg") === "";
  if (cell("jacket_from_kg") === "") {
    if (isOpen) return undefined;
    throw fault(
      "jacket_from_kg",
      "is empty, and jacket_to_kg is not; write the lower weight too, 0 where there is none.",
    );
  }
  const from = whole("jacket_from_kg", 0, 200);
  if (isOpen) return { from };
  const to = whole("jacket_to_kg", 1, 400);
  if (to < from) throw fault("jacket_to_kg", `${to} is less than jacket_from_kg, ${from}.`);
  return { from, to };
}

/** A price with thousands or a decimal comma, as it is to be written: the last mark is the decimal one where one or two digits follow it. */
function rewritten(text: string): string {
  const [, whole = "", decimals] = /^(.*?)(?:[.,](\d{1,2}))?$/.exec(text) ?? [];
  return `${whole.replaceAll(/[.,]/g, "")}${decimals === undefined ? "" : `.${decimals}`}`;
}

function priceOf(text: string, fault: (what: string) => CsvFault, currency: string): number {
  const digits = minorDigits(currency);
  if (text.includes(","))
    throw fault(
      `"${text}" has a comma; write the decimals with a point and nothing between thousands: ${rewritten(text)}.`,
    );
  const found = new RegExp(`^(\\d{1,7})(?:\\.(\\d{1,${digits}}))?$`).exec(text);
  if (!found) throw fault(`"${text}" is no price; write it as 39.00, without a currency.`);
  return Number(found[1]) * 10 ** digits + Number((found[2] ?? "").padEnd(digits, "0"));
}

const unquoted = (text: string) => (text.startsWith("'") && formula.test(text.slice(1)) ? text.slice(1) : text);

/** On which line of the text each row begins: a cell in quotes may hold line breaks. */
function lineNumbers(rows: readonly (readonly string[])[], firstLine: number): number[] {
  let line = firstLine;
  return rows.map((cells) => {
    const begins = line;
    line += 1 + cells.reduce((breaks, cell) => breaks + (cell.match(/\n/g)?.length ?? 0), 0);
    return begins;
  });
}
