import { plain } from "./columns";

/** How much somebody has sailed, as a crew list tells it. */
export const sailedBefore = ["never", "some", "much"] as const;

/** The columns of crew lists: one row a person, the charter named in each. */
export const crewColumns = ["reference", "name", "weight", "child", "swims", "speaks", "sailed", "toKnow"] as const;
export type CrewColumn = (typeof crewColumns)[number];

/** What each column is called in a list that the base saves itself, and what others call it. */
const heads: Readonly<Record<CrewColumn, readonly string[]>> = {
  reference: ["charter", "reference", "booking", "booking number", "id", "buchung", "buchungsnummer"],
  name: ["name", "full name", "passenger", "crew member", "person", "teilnehmer"],
  weight: ["weight kg", "weight", "kg", "gewicht"],
  child: ["child", "is child", "kind"],
  swims: ["swims", "swimmer", "can swim", "schwimmt", "schwimmer"],
  speaks: ["speaks", "language", "languages", "sprache"],
  sailed: ["sailed", "experience", "erfahrung"],
  toKnow: ["to know", "note", "notes", "allergies", "allergien", "bemerkung"],
};
export const crewHeads: readonly string[] = crewColumns.map((column) => heads[column][0] ?? column);

/** Which column of a file holds what, by its heads. */
export const crewMapping = (found: readonly string[]): Partial<Record<CrewColumn, number>> =>
  Object.fromEntries(
    crewColumns.flatMap((column) => {
      const place = found.findIndex((head) => heads[column].includes(plain(head)));
      return place < 0 ? [] : [[column, place]];
    }),
  );

/** Somebody aboard as a crew list keeps it. */
export interface ListedMember {
  name: string;
  weightKg: number;
  isChild?: boolean;
  swims?: boolean;
  speaks?: string;
  sailed?: (typeof sailedBefore)[number];
  toKnow?: string;
}

/** A stay whose crew a list may name. */
export interface KnownCrew {
  reference: string;
  stayId: string;
  yacht: string;
  /** how many are agreed */
  aboard: number;
  isCalledOff: boolean;
  /** whether its check-in is signed: its crew stands */
  isHandedOver: boolean;
  crew: readonly ListedMember[];
}

/** A row of a list: its line there, and what its columns hold. */
export interface CrewRow {
  line: number;
  cells: Partial<Record<CrewColumn, string>>;
}

/** What keeps the crew of a charter from being taken, by the line that it stands on. */
export interface CrewFault {
  line: number;
  column: CrewColumn;
  what: "missing" | "wrong" | "twice" | "no-such-charter" | "called-off" | "handed-over" | "too-many";
  text: string;
}

/** What becomes of the crew list of one charter. */
export interface CrewFate {
  /** the first line that names it */
  line: number;
  reference: string;
  yacht: string;
  fate: "new" | "changed" | "same" | "refused";
  aboard: number;
  people: number;
  /** names that come and go; who is told otherwise is changed */
  added: string[];
  gone: string[];
  changed: string[];
  faults: CrewFault[];
  /** the crew as it stands then, of which stay; null where nothing is taken */
  becomes: { stayId: string; crew: ListedMember[] } | null;
}

const yes: readonly string[] = ["yes", "y", "true", "1", "x", "ja", "j", "oui", "si"];
const no: readonly string[] = ["no", "n", "false", "0", "nein", "non"];
const [leastKg, mostKg] = [3, 300];

/**
 * What would become of the crew list of each charter that a list names. The rows of a charter are its whole crew: who is
 * not among them goes. One fault keeps its whole crew out, and no other charter's.
 */
export function crewFates(rows: readonly CrewRow[], known: readonly KnownCrew[]): CrewFate[] {
  const stays = new Map(known.map((stay) => [stay.reference.toLowerCase(), stay]));
  const crews = new Map<string, CrewRow[]>();
  for (const row of rows) {
    const name = cellOf(row, "reference").toLowerCase();
    crews.set(name, [...(crews.get(name) ?? []), row]);
  }
  return [...crews].map(([name, own]) => fateOf(own, stays.get(name) ?? null));
}

// a list that was saved so that no table program takes a cell for a sum has a stroke before it
const cellOf = ({ cells }: CrewRow, column: CrewColumn): string =>
  (cells[column] ?? "")
    .trim()
    .replaceAll(/\s+/g, " ")
    .replace(/^'(?=[=+@-])/, "");

function fateOf(rows: readonly CrewRow[], known: KnownCrew | null): CrewFate {
  const [first] = rows as [CrewRow];
  const reference = cellOf(first, "reference");
  const at = (what: CrewFault["what"], text = reference): CrewFault => ({
    line: first.line,
    column: "reference",
    what,
    text,
  });
  const faults: CrewFault[] = [];
  if (reference === "") faults.push(at("missing"));
  else if (!known) faults.push(at("no-such-charter"));
  else if (known.isCalledOff) faults.push(at("called-off"));
  else if (known.isHandedOver) faults.push(at("handed-over"));
  const crew = rows.map((row) => memberOf(row, faults));
  const names = new Set<string>();
  for (const [index, { name }] of crew.entries()) {
    if (name !== "" && names.has(name.toLowerCase()))
      faults.push({ line: rows[index]?.line ?? 0, column: "name", what: "twice", text: name });
    names.add(name.toLowerCase());
  }
  if (known && crew.length > known.aboard) faults.push(at("too-many", String(known.aboard)));
  const before = known?.crew ?? [];
  const in_ = (list: readonly ListedMember[], name: string) =>
    list.find((each) => each.name.toLowerCase() === name.toLowerCase());
  const added = crew.filter(({ name }) => !in_(before, name)).map(({ name }) => name);
  const gone = before.filter(({ name }) => !in_(crew, name)).map(({ name }) => name);
  const changed = crew.filter((each) => {
    const was = in_(before, each.name);
    return was !== undefined && !isSame(was, each);
  });
  const isTaken = faults.length === 0;
  const nothing = added.length + gone.length + changed.length === 0;
  return {
    line: first.line,
    reference: known?.reference ?? reference,
    yacht: known?.yacht ?? "",
    fate: !isTaken ? "refused" : before.length === 0 ? "new" : nothing ? "same" : "changed",
    aboard: known?.aboard ?? 0,
    people: crew.length,
    ...{ added, gone, changed: changed.map(({ name }) => name), faults },
    becomes: isTaken && !nothing && known ? { stayId: known.stayId, crew } : null,
  };
}

function memberOf(row: CrewRow, faults: CrewFault[]): ListedMember {
  const cell = (column: CrewColumn) => cellOf(row, column);
  const fault = (column: CrewColumn, what: CrewFault["what"]) =>
    void faults.push({ line: row.line, column, what, text: cell(column).slice(0, 60) });
  const name = cell("name");
  if (name === "") fault("name", "missing");
  else if (name.length > 120) fault("name", "wrong");
  const weight = /^(\d{1,3})(?:[.,]\d+)?(?: ?kg)?$/i.exec(cell("weight"))?.[1];
  const weightKg = Number(weight ?? 0);
  if (cell("weight") === "") fault("weight", "missing");
  else if (weightKg < leastKg || weightKg > mostKg) fault("weight", "wrong");
  const flag = (column: "child" | "swims"): boolean | undefined => {
    const text = plain(cell(column));
    if (text === "") return undefined;
    if (!yes.includes(text) && !no.includes(text)) fault(column, "wrong");
    return yes.includes(text);
  };
  const words = (column: "speaks" | "toKnow", most: number): string | undefined => {
    if (cell(column).length > most) fault(column, "wrong");
    return cell(column) || undefined;
  };
  const sailed = sailedBefore.find((each) => each === cell("sailed").toLowerCase());
  if (cell("sailed") !== "" && !sailed) fault("sailed", "wrong");
  const [isChild, swims, speaks, toKnow] = [flag("child"), flag("swims"), words("speaks", 60), words("toKnow", 200)];
  return {
    name,
    weightKg,
    ...(isChild ? { isChild } : {}),
    ...(swims === undefined ? {} : { swims }),
    ...(speaks ? { speaks } : {}),
    ...(sailed ? { sailed } : {}),
    ...(toKnow ? { toKnow } : {}),
  };
}

function isSame(a: ListedMember, b: ListedMember): boolean {
  const told = ({ name, weightKg, isChild = false, swims, speaks, sailed, toKnow }: ListedMember) =>
    JSON.stringify([name, weightKg, isChild, swims ?? null, speaks ?? null, sailed ?? null, toKnow ?? null]);
  return told(a) === told(b);
}

/** A crew list as the cells of a saved list. */
export const crewCells = (reference: string, member: ListedMember): string[] => {
  const flag = (value: boolean | undefined) => (value === undefined ? "" : value ? "yes" : "no");
  const { name, weightKg, isChild, swims, speaks = "", sailed = "", toKnow = "" } = member;
  return [reference, name, String(weightKg), isChild ? "yes" : "", flag(swims), speaks, sailed, toKnow];
};
