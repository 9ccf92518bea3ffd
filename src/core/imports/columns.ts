/** The columns of a list of charters, by the names that their fields have in the form of one. */
export const charterColumns = [
  "reference",
  "state",
  "yacht",
  "fromDay",
  "outAt",
  "toDay",
  "backAt",
  "aboard",
  "language",
  "terms",
  "charterer",
  "chartererEmail",
  "chartererPhone",
  "skipper",
  "skipperEmail",
  "skipperPhone",
] as const;
export type CharterColumn = (typeof charterColumns)[number];

/** Columns without which no charter can be told from another or entered. */
export const neededColumns: readonly CharterColumn[] = ["reference", "yacht", "fromDay", "toDay", "charterer"];

/** What each column is called in a list that the base saves itself. */
export const publishedHeads: Readonly<Record<CharterColumn, string>> = {
  reference: "reference",
  state: "state",
  yacht: "yacht",
  fromDay: "out on",
  outAt: "out at",
  toDay: "back on",
  backAt: "back at",
  aboard: "aboard",
  language: "language",
  terms: "terms",
  charterer: "charterer",
  chartererEmail: "charterer mail",
  chartererPhone: "charterer telephone",
  skipper: "skipper",
  skipperEmail: "skipper mail",
  skipperPhone: "skipper telephone",
};

/** Heads that other offices give such a column, in plain letters. */
const otherHeads: Readonly<Record<CharterColumn, readonly string[]>> = {
  reference: [
    "ref",
    "charter",
    "booking",
    "booking no",
    "booking number",
    "id",
    "nummer",
    "buchung",
    "buchungsnummer",
    "vertrag",
  ],
  state: ["status", "booking status", "stand"],
  yacht: ["boat", "boat name", "yacht name", "vessel", "schiff", "boot", "yachtname"],
  fromDay: ["from", "start", "start date", "date from", "check in", "checkin", "embarkation", "von", "beginn", "ab"],
  outAt: ["start time", "time from", "check in time", "uhrzeit von"],
  toDay: ["to", "until", "end", "end date", "date to", "check out", "checkout", "disembarkation", "bis", "ende"],
  backAt: ["end time", "time to", "check out time", "uhrzeit bis"],
  aboard: ["persons", "people", "pax", "guests", "crew", "personen", "anzahl personen"],
  language: ["lang", "sprache"],
  terms: ["conditions", "deposit kind", "bedingungen"],
  charterer: ["client", "customer", "name", "charterer name", "guest", "kunde", "charterer", "mieter"],
  chartererEmail: ["email", "e mail", "mail", "client email", "customer email", "charterer email"],
  chartererPhone: ["phone", "telephone", "mobile", "client phone", "customer phone", "charterer phone", "telefon"],
  skipper: ["skipper name", "captain", "schiffsfuhrer"],
  skipperEmail: ["skipper email", "captain email", "skipper e mail"],
  skipperPhone: ["skipper phone", "skipper mobile", "captain phone", "skipper telefon"],
};

/** A head or a word in lower case, without accents, with single spaces between its parts. */
export const plain = (text: string): string =>
  text
    .normalize("NFKD")
    .replaceAll(/\p{M}/gu, "")
    .toLowerCase()
    .replaceAll(/[^\p{L}\p{N}]+/gu, " ")
    .trim();

/** Which column of a file holds what: the place of the column, from 0. */
export type Mapping = Partial<Record<CharterColumn, number>>;

/** What the heads of a file say of its columns; each column is taken once. */
export function guessMapping(heads: readonly string[]): Mapping {
  const found = heads.map(plain);
  const mapping: Mapping = {};
  const isFree = (place: number) => place >= 0 && !Object.values(mapping).includes(place);
  const byName = (names: (column: CharterColumn) => readonly string[]) => {
    for (const column of charterColumns) {
      if (mapping[column] !== undefined) continue;
      const place = found.findIndex((head, at) => isFree(at) && names(column).includes(head));
      if (place >= 0) mapping[column] = place;
    }
  };
  // the names that the base itself gives win over those that others might mean by them
  byName((column) => [plain(publishedHeads[column]), plain(column)]);
  byName((column) => otherHeads[column]);
  return mapping;
}
