import { readCount, readLanguage, readMoment, readState, readTime, type DateOrder, type Moment } from "./cells";
import { isPageName, partOf, stayReference } from "../charters/reference";
import type { CharterColumn } from "./columns";

/** A row of a file: its line there, and what its mapped columns hold. */
export interface GivenRow {
  line: number;
  cells: Partial<Record<CharterColumn, string>>;
}

/** How a file is to be read. */
export interface ReadBy {
  order: DateOrder;
  timeZone: string;
}

/** What keeps a row from being taken, by the column that it stands in. */
export interface RowFault {
  column: CharterColumn;
  what: FaultCode;
  /** what the sentence tells besides */
  values?: { reference?: string; startsAt?: string; endsAt?: string; most?: number; kind?: string; text?: string };
}

/** Codes of what keeps a row from being taken. */
export const faultCodes = [
  "missing",
  "reference-form",
  "twice",
  "no-such-yacht",
  "no-day",
  "no-time",
  "ends-before",
  "too-short",
  "too-long",
  "no-count",
  "too-many",
  "no-such-terms",
  "two-of-name",
  "name-long",
  "mail-form",
  "phone-form",
  "promised",
  "closed",
  "begun",
  "called-off",
  "handed-over",
] as const;
export type FaultCode = (typeof faultCodes)[number];

/** A person as a row names one; blank where it says nothing. */
export interface NamedPerson {
  name: string;
  email: string;
  phone: string;
}

/** What a row says of a charter; null where it says nothing. */
export interface CharterRow {
  line: number;
  reference: string;
  state: "on" | "cancelled" | null;
  yacht: string | null;
  fromDay: string | null;
  outAt: string | null;
  toDay: string | null;
  backAt: string | null;
  aboard: number | null;
  language: "en" | "de" | null;
  terms: string | null;
  charterer: NamedPerson | null;
  skipper: NamedPerson | null;
}

const mail = /^[^\s@<>]+@[^\s@<>]+$/;
const phone = /^[+0-9][0-9 ()/.-]{3,39}$/;
const longestName = 80;

/** A reference as addresses can hold it: what they cannot becomes a hyphen. Which of a charter's yachts is meant stays. */
export function referenceOf(cell: string): string {
  const { reference, part } = partOf(cell.trim());
  return stayReference(reference.replaceAll(/[^A-Za-z0-9._-]+/g, "-").replace(/^[-._]+/, ""), part);
}

/** Reads the cells of a row. What is wrong with them is told cell by cell. */
export function readRow({ line, cells }: GivenRow, by: ReadBy): { row: CharterRow; faults: RowFault[] } {
  const faults: RowFault[] = [];
  // a list that was saved so that no table program takes a telephone for a sum has a stroke before it
  const cell = (column: CharterColumn) =>
    (cells[column] ?? "")
      .trim()
      .replaceAll(/\s+/g, " ")
      .replace(/^'(?=[=+@-])/, "");
  const fault = (column: CharterColumn, what: FaultCode) => {
    faults.push({ column, what, values: { text: cell(column).slice(0, 60) } });
  };
  const read = <T>(column: CharterColumn, reader: (text: string) => T | null, what: FaultCode): T | null => {
    if (cell(column) === "") return null;
    const value = reader(cell(column));
    if (value === null) fault(column, what);
    return value;
  };
  const moment = (column: CharterColumn): Moment | null =>
    read(column, (text) => readMoment(text, by.order, by.timeZone), "no-day");
  const person = (who: "charterer" | "skipper"): NamedPerson | null => {
    const [name, email, number] = [cell(who), cell(`${who}Email`), cell(`${who}Phone`)];
    if (name === "") return null;
    if (name.length > longestName) fault(who, "name-long");
    if (email !== "" && !(mail.test(email) && email.length <= 200)) fault(`${who}Email`, "mail-form");
    if (number !== "" && !phone.test(number)) fault(`${who}Phone`, "phone-form");
    return { name, email, phone: number };
  };
  const reference = referenceOf(cell("reference"));
  if (cell("reference") === "") fault("reference", "missing");
  else if (reference === "" || reference.length > 30 || isPageName(reference)) fault("reference", "reference-form");
  const [out, back] = [moment("fromDay"), moment("toDay")];
  const row: CharterRow = {
    line,
    reference,
    state: readState(cell("state")),
    yacht: cell("yacht") || null,
    fromDay: out?.day ?? null,
    outAt: read("outAt", readTime, "no-time") ?? out?.time ?? null,
    toDay: back?.day ?? null,
    backAt: read("backAt", readTime, "no-time") ?? back?.time ?? null,
    aboard: read("aboard", readCount, "no-count"),
    language: readLanguage(cell("language")),
    terms: cell("terms") || null,
    charterer: person("charterer"),
    skipper: person("skipper"),
  };
  return { row, faults };
}
