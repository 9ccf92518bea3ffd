import { parseMoney } from "../basics/money";
import { priceCategories, priceRemedies, type PriceItem } from "../settlement/prices";
import { plainAmount } from "./amount";
import { readCount } from "./cells";
import { plain } from "./columns";

/** The columns of a price list, by the names that its lines have. */
export const priceColumns = ["words", "category", "remedy", "material", "minutes", "life"] as const;
export type PriceColumn = (typeof priceColumns)[number];

/** What each column is called in a list that the base saves itself, and what others call it. */
const heads: Readonly<Record<PriceColumn, readonly string[]>> = {
  words: ["what", "item", "description", "position", "bezeichnung", "leistung"],
  category: ["group", "category", "gruppe", "kategorie"],
  remedy: ["remedy", "kind", "art"],
  material: ["material", "price", "amount", "preis", "betrag"],
  minutes: ["labour min", "labour", "minutes", "arbeit min", "minuten"],
  life: ["life months", "life", "months", "monate", "nutzungsdauer"],
};
export const priceHeads: readonly string[] = priceColumns.map((column) => heads[column][0] ?? column);

/** What becomes of a row of a list of prices. */
export interface PriceFate {
  line: number;
  words: string;
  fate: "new" | "changed" | "same" | "refused";
  faults: { column: PriceColumn; what: "missing" | "twice" | "wrong"; text: string }[];
  /** the line as it stands then; a new one has no id yet */
  becomes: (Omit<PriceItem, "id"> & { id: string | null }) | null;
}

/**
 * What would become of each row of a list of prices: lines are told apart by their words; a blank cell keeps what stands.
 *
 * @param table its heads, and its rows with the line that each begins on
 * @returns null where no column says what a line is
 */
export function priceFates(
  table: { heads: readonly string[]; rows: readonly { line: number; cells: readonly string[] }[] },
  items: readonly PriceItem[],
  currency: string,
): PriceFate[] | null {
  const found = table.heads.map(plain);
  const places = Object.fromEntries(
    priceColumns.map((column) => [column, found.findIndex((head) => heads[column].includes(head))]),
  ) as Record<PriceColumn, number>;
  if (places.words < 0) return null;
  const known = new Map(items.map((item) => [item.words.trim().toLowerCase(), item]));
  const seen = new Set<string>();
  return table.rows.map(({ line, cells }) => {
    const cell = (column: PriceColumn) => (cells[places[column]] ?? "").trim().replace(/^'(?=[=+@-])/, "");
    const words = cell("words").replaceAll(/\s+/g, " ");
    const name = words.toLowerCase();
    const fate = fateOfPrice(line, words, cell, known.get(name), currency);
    if (words !== "" && seen.has(name)) fate.faults.push({ column: "words", what: "twice", text: words });
    seen.add(name);
    return fate.faults.length > 0 ? { ...fate, fate: "refused", becomes: null } : fate;
  });
}

function fateOfPrice(
  line: number,
  words: string,
  cell: (column: PriceColumn) => string,
  known: PriceItem | undefined,
  currency: string,
): PriceFate {
  const faults: PriceFate["faults"] = [];
  /** what a cell says, what stands where it says nothing, and a fault where it says what cannot be */
  const read = <T>(column: PriceColumn, reader: (text: string) => T | null, stands: T): T => {
    const text = cell(column);
    if (text === "") return stands;
    const value = reader(text);
    if (value === null) faults.push({ column, what: "wrong", text: text.slice(0, 60) });
    return value ?? stands;
  };
  if (words === "") faults.push({ column: "words", what: "missing", text: "" });
  else if (words.length > 120) faults.push({ column: "words", what: "wrong", text: words.slice(0, 60) });
  const oneOf =
    <T extends string>(all: readonly T[]) =>
    (text: string) =>
      all.find((each) => each === text.toLowerCase()) ?? null;
  const becomes = {
    id: known?.id ?? null,
    words: known?.words ?? words,
    category: read("category", oneOf(priceCategories), known?.category ?? "hull"),
    remedy: read("remedy", oneOf(priceRemedies), known?.remedy ?? "repair"),
    materialMinor: read(
      "material",
      (text) => {
        const amount = plainAmount(text);
        return amount === null ? null : parseMoney(amount, currency);
      },
      known?.materialMinor ?? 0,
    ),
    labourMinutes: read("minutes", within(readCount, 60_000), known?.labourMinutes ?? 0),
    lifeMonths: read<number | null>("life", within(readCount, 1200, 1), known?.lifeMonths ?? null),
  };
  const isSame = known !== undefined && JSON.stringify(sorted(becomes)) === JSON.stringify(sorted(known));
  const fate = known === undefined ? "new" : isSame ? "same" : "changed";
  return { line, words, fate, faults, becomes: isSame ? null : becomes };
}

const within =
  (reader: (text: string) => number | null, most: number, least = 0) =>
  (text: string) => {
    const value = reader(text);
    return value !== null && value >= least && value <= most ? value : null;
  };

const sorted = (item: object) => Object.entries(item).sort(([a], [b]) => (a < b ? -1 : 1));

/** The lines of a price list with what a list brings, new ones at its end. */
export function withPrices(
  items: readonly PriceItem[],
  fates: readonly PriceFate[],
  newId: (line: number) => string,
): PriceItem[] {
  const brought = fates.flatMap(({ line, becomes }) => (becomes ? [{ ...becomes, line }] : []));
  const item = ({ line, id, ...rest }: (typeof brought)[number]): PriceItem => ({ id: id ?? newId(line), ...rest });
  return [
    ...items.map((each) => {
      const change = brought.find(({ id }) => id === each.id);
      return change ? item(change) : each;
    }),
    ...brought.filter(({ id }) => id === null).map(item),
  ];
}
