import type { Instant } from "../basics/instant";
import type { Language } from "../basics/languages";
import type { UsualCharters } from "../charters/agreed";
import { callOffFault, type CalledOff } from "../charters/call-off";
import { daysFault, daysIn, freeFrom, stayOf, type AgreedDays } from "../charters/days";
import type { CharterColumn } from "./columns";
import { HeldDays, type Held } from "./held";
import { MeantPeople, type KnownGuest, type MeantPerson } from "./people";
import { readRow, type CharterRow, type GivenRow, type ReadBy, type RowFault } from "./row";

/** A charter of the base that a file may speak of. */
export interface KnownCharter {
  id: string;
  reference: string;
  /** how often it was changed */
  onNumber: number;
  yacht: string;
  startsAt: Instant;
  endsAt: Instant;
  freeFrom: Instant;
  aboard: number;
  language: Language;
  charterer: KnownGuest;
  skipper: KnownGuest;
  calledOff: CalledOff | null;
  /** whether a handover was opened, its check-out was, and its check-in is signed */
  isBegun: boolean;
  /** whether people sign for it by now */
  hasPeopleAboard: boolean;
  isEnding: boolean;
  isHandedOver: boolean;
}

/** What the base knows by which the fate of a row is told. */
export interface KnownBase extends ReadBy {
  now: Instant;
  usual: UsualCharters;
  usualLanguage: Language;
  yachts: readonly { slug: string; name: string; maximumAboard: number }[];
  charters: readonly KnownCharter[];
  /** every charter that has a yacht, those of the file too */
  held: readonly Held[];
  closings: readonly { yacht: string; kind: string; startsAt: Instant; endsAt: Instant }[];
  guests: readonly KnownGuest[];
}

/** One field that a row changes, in the words of the base's own list. */
export interface RowChange {
  column: CharterColumn;
  was: string;
  becomes: string;
}

/** A charter as it stands once its row is taken. */
export interface CharterToBe extends Held {
  /** null where the charter is new */
  known: KnownCharter | null;
  endsAt: Instant;
  aboard: number;
  language: Language;
  /** key of the terms of a new charter */
  terms: string;
  charterer: MeantPerson;
  skipper: MeantPerson;
  calledOff: CalledOff | null;
}

/** What becomes of a row. */
export interface RowFate {
  line: number;
  reference: string;
  fate: "new" | "changed" | "same" | "refused";
  /** whether the base has a charter of this reference */
  isKnown: boolean;
  changes: RowChange[];
  faults: RowFault[];
  becomes: CharterToBe | null;
}

/**
 * What would become of each row of a list of charters, all of them taken together: rows that exchange their days are no
 * clash, two that want the same days are, and the one that stands first in the file has them.
 */
export function fatesOf(rows: readonly GivenRow[], base: KnownBase): RowFate[] {
  const people = new MeantPeople(base.guests);
  const known = new Map(base.charters.map((charter) => [charter.reference.toLowerCase(), charter]));
  const seen = new Set<string>();
  const fates = rows.map((given) => {
    const { row, faults } = readRow(given, base);
    const name = row.reference.toLowerCase();
    if (name !== "" && seen.has(name)) faults.push({ column: "reference", what: "twice" });
    seen.add(name);
    return fateOfRow(row, faults, known.get(name) ?? null, people, base);
  });
  return refuseClashes(fates, base);
}

function fateOfRow(
  row: CharterRow,
  faults: RowFault[],
  known: KnownCharter | null,
  people: MeantPeople,
  base: KnownBase,
): RowFate {
  const fate = {
    line: row.line,
    reference: known?.reference ?? row.reference,
    isKnown: known !== null,
    changes: [],
    faults,
    becomes: null,
  };
  const refused = (): RowFate => ({ ...fate, fate: "refused" });
  // what never came here and does not take place is nothing to enter
  if (known === null && row.state === "cancelled" && faults.length === 0) return { ...fate, fate: "same" };
  if (known === null)
    for (const column of ["yacht", "fromDay", "toDay", "charterer"] as const)
      if (row[column] === null && !faults.some((each) => each.column === column))
        faults.push({ column, what: "missing" });
  const becomes = faults.length === 0 ? toBe(row, known, people, base, faults) : null;
  if (becomes === null) return refused();
  const changes = known === null ? [] : changesOf(known, becomes, base);
  if (known !== null) faults.push(...standing(known, becomes, changes, base));
  if (faults.length > 0) return refused();
  if (known === null) return { ...fate, fate: "new", becomes };
  return changes.length === 0 ? { ...fate, fate: "same" } : { ...fate, fate: "changed", changes, becomes };
}

/** The charter that a row comes to, or null with what keeps it from being one. */
function toBe(
  row: CharterRow,
  known: KnownCharter | null,
  people: MeantPeople,
  base: KnownBase,
  faults: RowFault[],
): CharterToBe | null {
  const yacht = yachtOf(row.yacht ?? known?.yacht ?? "", base);
  if (!yacht) faults.push({ column: "yacht", what: "no-such-yacht", values: { text: row.yacht ?? "" } });
  const aboard = row.aboard ?? known?.aboard ?? 2;
  if (aboard < 1) faults.push({ column: "aboard", what: "no-count", values: { text: String(aboard) } });
  if (yacht && aboard > yacht.maximumAboard)
    faults.push({ column: "aboard", what: "too-many", values: { most: yacht.maximumAboard } });
  const days = daysOf(row, known, base);
  const wrong = daysFault(days, base.timeZone);
  if (wrong) faults.push({ column: wrong.field, what: wrong.what });
  const terms = known ? "" : termsOf(row.terms, base);
  if (terms === null) faults.push({ column: "terms", what: "no-such-terms", values: { text: row.terms ?? "" } });
  const [charterer, skipper] = peopleOf(row, known, people);
  if (charterer === null) faults.push({ column: "charterer", what: "two-of-name" });
  if (skipper === null && charterer !== null) faults.push({ column: "skipper", what: "two-of-name" });
  if (!yacht || terms === null || charterer === null || skipper === null || faults.length > 0) return null;
  // an hour that is not told stays as it stands to the second
  const { startsAt, endsAt } = stayOf(days, base.timeZone);
  const isEnd = known !== null && sameInstant(known.endsAt, endsAt);
  return {
    known,
    charterId: known?.id ?? `line ${row.line}`,
    reference: known?.reference ?? row.reference,
    yacht: yacht.slug,
    startsAt: known !== null && sameInstant(known.startsAt, startsAt) ? known.startsAt : startsAt,
    endsAt: isEnd ? known.endsAt : endsAt,
    // what stands keeps its turn-round
    freeFrom: isEnd && known.yacht === yacht.slug ? known.freeFrom : freeFrom(endsAt, base.usual.turnRoundHours),
    aboard,
    language: row.language ?? known?.language ?? base.usualLanguage,
    terms,
    charterer,
    skipper,
    calledOff:
      row.state === null ? (known?.calledOff ?? null) : row.state === "on" ? null : (known?.calledOff ?? "cancelled"),
  };
}

const sameInstant = (a: Instant, b: Instant) => Date.parse(a) === Date.parse(b);

function yachtOf(text: string, { yachts }: KnownBase) {
  const name = text.toLowerCase();
  return yachts.find((yacht) => yacht.slug === name || yacht.name.toLowerCase() === name);
}

function daysOf(row: CharterRow, known: KnownCharter | null, { timeZone, usual }: KnownBase): AgreedDays {
  const stands = known === null ? null : daysIn(known.startsAt, known.endsAt, timeZone);
  return {
    fromDay: row.fromDay ?? stands?.fromDay ?? "",
    outAt: row.outAt ?? stands?.outAt ?? usual.outAt,
    toDay: row.toDay ?? stands?.toDay ?? "",
    backAt: row.backAt ?? stands?.backAt ?? usual.backAt,
  };
}

/** Key of the terms that a row names; the first of the base where it names none, null where there are none of that name. */
function termsOf(text: string | null, { usual }: KnownBase): string | null {
  const templates = Object.entries(usual.templates);
  if (text === null) return templates[0]?.[0] ?? null;
  const name = text.toLowerCase();
  return templates.find(([key, each]) => key === name || each.name.toLowerCase() === name)?.[0] ?? null;
}

function peopleOf(
  row: CharterRow,
  known: KnownCharter | null,
  people: MeantPeople,
): [charterer: MeantPerson | null, skipper: MeantPerson | null] {
  const stays = (guest: KnownGuest): MeantPerson => ({ id: guest.id, name: guest.name, contacts: null });
  const charterer =
    row.charterer === null ? known && stays(known.charterer) : people.find(row.charterer, known?.charterer ?? null);
  const commands = known === null || known.skipper.id === known.charterer.id;
  if (row.skipper === null) return [charterer, commands || known === null ? charterer : stays(known.skipper)];
  // the same name once more is the same person, unless another address says otherwise
  const isOne =
    row.charterer !== null &&
    row.skipper.name.toLowerCase() === row.charterer.name.toLowerCase() &&
    [row.charterer.email.toLowerCase(), ""].includes(row.skipper.email.toLowerCase());
  return [charterer, isOne ? charterer : people.find(row.skipper, commands ? null : (known?.skipper ?? null))];
}

/** Field by field what a row changes in a charter. */
function changesOf(known: KnownCharter, becomes: CharterToBe, base: KnownBase): RowChange[] {
  const [was, is] = [known, becomes].map((each) => daysIn(each.startsAt, each.endsAt, base.timeZone));
  const person = (who: "charterer" | "skipper"): RowChange[] => {
    const [stands, meant] = [known[who], becomes[who]];
    if (meant.id === null || meant.id !== stands.id) return [{ column: who, was: stands.name, becomes: meant.name }];
    return (["email", "phone"] as const).flatMap((contact) => {
      const next = meant.contacts?.[contact] ?? stands[contact];
      return next === stands[contact]
        ? []
        : [{ column: contactColumn(who, contact), was: stands[contact], becomes: next }];
    });
  };
  const isOne = becomes.skipper === becomes.charterer && known.skipper.id === known.charterer.id;
  const fields: RowChange[] = [
    { column: "state", was: known.calledOff ?? "on", becomes: becomes.calledOff ?? "on" },
    { column: "yacht", was: known.yacht, becomes: becomes.yacht },
    ...(["fromDay", "outAt", "toDay", "backAt"] as const).map((column) => ({
      column,
      was: was?.[column] ?? "",
      becomes: is?.[column] ?? "",
    })),
    { column: "aboard", was: String(known.aboard), becomes: String(becomes.aboard) },
    { column: "language", was: known.language, becomes: becomes.language },
  ];
  return [
    ...fields.filter((field) => field.was !== field.becomes),
    ...person("charterer"),
    ...(isOne ? [] : person("skipper")),
  ];
}

const contactColumn = (who: "charterer" | "skipper", contact: "email" | "phone"): CharterColumn =>
  contact === "email" ? `${who}Email` : `${who}Phone`;

/** What of a charter stands and may not be changed by a row. */
function standing(
  known: KnownCharter,
  becomes: CharterToBe,
  changes: readonly RowChange[],
  { now }: KnownBase,
): RowFault[] {
  const does = (...columns: CharterColumn[]) => changes.find(({ column }) => columns.includes(column))?.column;
  const fault = (column: CharterColumn | undefined, what: RowFault["what"]): RowFault[] =>
    column ? [{ column, what }] : [];
  const off = does("state") ? callOffFault(known, becomes.calledOff, now) : null;
  if (off === "handed-over") return [{ column: "state", what: "handed-over" }];
  // what does not take place is let stand, or is taken up again, before anything else of it is changed
  if (known.calledOff !== null && becomes.calledOff !== null && changes.length > 0)
    return [{ column: changes[0]?.column ?? "state", what: "called-off" }];
  return [
    ...(known.isBegun ? fault(does("yacht", "fromDay", "outAt"), "begun") : []),
    ...(known.isEnding ? fault(does("toDay", "backAt"), "begun") : []),
    ...(known.hasPeopleAboard ? fault(does("charterer", "skipper"), "begun") : []),
  ];
}

/** Refuses the rows whose days are somebody else's, until what is left can stand together. */
function refuseClashes(fates: RowFate[], base: KnownBase): RowFate[] {
  let settled = fates.map((fate) => (fate.becomes ? refuseClosed(fate, fate.becomes, base) : fate));
  for (;;) {
    const moving = new Set(
      settled.flatMap(({ becomes }) => (becomes?.known && moves(becomes) ? [becomes.known.id] : [])),
    );
    const days = new HeldDays(base.held.filter(({ charterId }) => !moving.has(charterId)));
    let isRefusing = false;
    settled = settled.map((fate) => {
      const { becomes } = fate;
      if (!becomes || becomes.calledOff !== null || !moves(becomes)) return fate;
      const other = days.inTheWayOf(becomes);
      if (!other) {
        days.add(becomes);
        return fate;
      }
      isRefusing = true;
      const { reference, startsAt, freeFrom: endsAt } = other;
      return refusedFor(fate, { column: "fromDay", what: "promised", values: { reference, startsAt, endsAt } });
    });
    // what a refused row would have left to others it keeps
    if (!isRefusing) return settled;
  }
}

/** Whether a row takes days that its charter has not. */
const moves = ({ known, yacht, startsAt, freeFrom: until, calledOff }: CharterToBe): boolean =>
  known === null ||
  known.yacht !== yacht ||
  known.calledOff !== calledOff ||
  !sameInstant(known.startsAt, startsAt) ||
  !sameInstant(known.freeFrom, until);

const refusedFor = (fate: RowFate, fault: RowFault): RowFate => ({
  ...fate,
  fate: "refused",
  faults: [...fate.faults, fault],
  becomes: null,
});

function refuseClosed(fate: RowFate, becomes: CharterToBe, { closings }: KnownBase): RowFate {
  if (becomes.calledOff !== null) return fate;
  const [from, until] = [Date.parse(becomes.startsAt), Date.parse(becomes.endsAt)];
  const closing = closings.find(
    ({ yacht, startsAt, endsAt }) =>
      yacht === becomes.yacht && Date.parse(startsAt) < until && from < Date.parse(endsAt),
  );
  if (!closing) return fate;
  const { kind, startsAt, endsAt } = closing;
  return refusedFor(fate, { column: "fromDay", what: "closed", values: { kind, startsAt, endsAt } });
}
