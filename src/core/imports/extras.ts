import { parseMoney } from "../basics/money";
import { localize, type Words } from "../basics/words";
import { hirePers, type Extra, type Extras } from "../extras/extra";
import { groups, systems } from "../yacht/parts/basics";
import { plainAmount } from "./amount";
import { readCount, readMoment } from "./cells";
import { plain } from "./columns";

/** The columns of a list of extras. */
export const extraColumns = [
  "name",
  "stock",
  "hire",
  "per",
  "replacement",
  "boughtOn",
  "life",
  "place",
  "where",
  "system",
  "group",
] as const;
export type ExtraColumn = (typeof extraColumns)[number];

/** What each column is called in a list that the base saves itself, and what others call it. */
const heads: Readonly<Record<ExtraColumn, readonly string[]>> = {
  name: ["what", "extra", "item", "description", "bezeichnung", "zubehor"],
  stock: ["stock", "quantity", "pieces", "bestand", "anzahl"],
  hire: ["hire", "price", "amount", "preis", "miete"],
  per: ["per", "unit", "je", "einheit"],
  replacement: ["replacement", "value", "new price", "neupreis", "wert"],
  boughtOn: ["bought on", "bought", "gekauft"],
  life: ["life months", "life", "months", "monate", "nutzungsdauer"],
  place: ["place", "stowed in", "platz"],
  where: ["where", "stowed", "wo"],
  system: ["system", "anlage"],
  group: ["group", "gruppe"],
};
export const extraHeads: readonly string[] = extraColumns.map((column) => heads[column][0] ?? column);

/** What becomes of a row of a list of extras. */
export interface ExtraFate {
  line: number;
  words: string;
  fate: "new" | "changed" | "same" | "refused";
  faults: { column: ExtraColumn; what: "missing" | "twice" | "wrong"; text: string }[];
  /** the extra as it stands then, under the key that it has; null for a new one */
  becomes: { key: string | null; extra: Extra } | null;
}

/** What the base knows by which rows are read. */
export interface KnownExtras {
  extras: Extras;
  currency: string;
  timeZone: string;
  /** a day, for what nobody says when it was bought */
  today: string;
  /** places that yachts of the base have */
  places: readonly { key: string; name: Words }[];
}

/**
 * What would become of each row of a list of extras: they are told apart by their names; a blank cell keeps what stands.
 * A new one needs to say where it lies.
 *
 * @returns null where no column says what an extra is
 */
export function extraFates(
  table: { heads: readonly string[]; rows: readonly { line: number; cells: readonly string[] }[] },
  base: KnownExtras,
): ExtraFate[] | null {
  const found = table.heads.map(plain);
  const places = Object.fromEntries(
    extraColumns.map((column) => [column, found.findIndex((head) => heads[column].includes(head))]),
  ) as Record<ExtraColumn, number>;
  if (places.name < 0) return null;
  const known = new Map(Object.entries(base.extras).map(([key, extra]) => [nameOf(extra), { key, extra }]));
  const seen = new Set<string>();
  return table.rows.map(({ line, cells }) => {
    const cell = (column: ExtraColumn) =>
      (cells[places[column]] ?? "")
        .trim()
        .replaceAll(/\s+/g, " ")
        .replace(/^'(?=[=+@-])/, "");
    const words = cell("name");
    const name = words.toLowerCase();
    const fate = fateOfExtra(line, cell, known.get(name) ?? null, base);
    if (words !== "" && seen.has(name)) fate.faults.push({ column: "name", what: "twice", text: words });
    seen.add(name);
    return fate.faults.length > 0 ? { ...fate, fate: "refused", becomes: null } : fate;
  });
}

const nameOf = ({ name }: Extra) => localize(name).toLowerCase();

function fateOfExtra(
  line: number,
  cell: (column: ExtraColumn) => string,
  known: { key: string; extra: Extra } | null,
  { currency, timeZone, today, places }: KnownExtras,
): ExtraFate {
  const faults: ExtraFate["faults"] = [];
  /** what a cell says, what stands where it says nothing, and a fault where it says what cannot be, or nothing at all */
  const read = <T>(column: ExtraColumn, reader: (text: string) => T | null, stands: T | null): T | null => {
    const text = cell(column);
    const value = text === "" ? stands : reader(text);
    if (value === null) faults.push({ column, what: text === "" ? "missing" : "wrong", text: text.slice(0, 60) });
    return value;
  };
  const oneOf =
    <T extends string>(all: readonly T[]) =>
    (text: string) =>
      all.find((each) => each === text.toLowerCase()) ?? null;
  const whole = (most: number) => (text: string) => {
    const count = readCount(text);
    return count !== null && count >= 1 && count <= most ? count : null;
  };
  const money = (text: string) => {
    const amount = plainAmount(text);
    return amount === null ? null : parseMoney(amount, currency);
  };
  const words = (most: number) => (text: string) => (text.length <= most ? text : null);
  const placeOf = (text: string) =>
    places.find(
      ({ key, name }) => key === text || Object.values(name).some((each) => each.toLowerCase() === text.toLowerCase()),
    )?.key ?? null;
  const was = known?.extra ?? null;
  const name = read("name", words(120), null);
  const where = read("where", words(400), was?.where.en ?? null);
  const place = read("place", placeOf, was?.places[0] ?? places[0]?.key ?? null);
  const extra = {
    stock: read("stock", whole(999), was?.stock ?? 1),
    hireMinor: read("hire", money, was?.hireMinor ?? 0),
    hirePer: read("per", oneOf(hirePers), was?.hirePer ?? "week"),
    replacementMinor: read("replacement", money, was?.replacementMinor ?? 0),
    boughtOn: read("boughtOn", (text) => readMoment(text, "day-first", timeZone)?.day ?? null, was?.boughtOn ?? today),
    lifeMonths: read("life", whole(1200), was?.lifeMonths ?? 60),
    system: read("system", oneOf(systems), was?.system ?? "comfort"),
    group: read("group", oneOf(groups), was?.group ?? "deck"),
  };
  const fate: ExtraFate = { line, words: cell("name"), fate: "refused", faults, becomes: null };
  if (faults.length > 0 || name === null || where === null || place === null) return fate;
  const becomes = {
    ...(was ?? {}),
    ...(extra as { [Field in keyof typeof extra]: NonNullable<(typeof extra)[Field]> }),
    name: was?.name ?? { en: name },
    where: was?.where.en === where ? was.where : { ...was?.where, en: where },
    places: [place, ...(was?.places ?? []).filter((each) => each !== place)].slice(0, 12),
  } as Extra;
  const isSame = was !== null && JSON.stringify(sorted(becomes)) === JSON.stringify(sorted(was));
  return {
    ...fate,
    fate: was === null ? "new" : isSame ? "same" : "changed",
    becomes: isSame ? null : { key: known?.key ?? null, extra: becomes },
  };
}

const sorted = (item: object) => Object.entries(item).sort(([a], [b]) => (a < b ? -1 : 1));

/** The extras with what a list brings, each new one under a key of its own. */
export function withExtrasOf(
  extras: Extras,
  fates: readonly ExtraFate[],
  freeKey: (extras: Extras, name: string) => string,
): Extras {
  const all: Extras = { ...extras };
  for (const { becomes, words } of fates) if (becomes) all[becomes.key ?? freeKey(all, words)] = becomes.extra;
  return all;
}

/** Extras as the cells of a saved list. */
export const extraCells = (extras: Extras, shown: (minor: number) => string): string[][] =>
  Object.values(extras).map((extra) => [
    localize(extra.name),
    String(extra.stock),
    shown(extra.hireMinor),
    extra.hirePer,
    shown(extra.replacementMinor),
    extra.boughtOn,
    String(extra.lifeMonths),
    extra.places[0] ?? "",
    extra.where.en ?? "",
    extra.system,
    extra.group,
  ]);
