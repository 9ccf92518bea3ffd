import "server-only";
import type { Static } from "@sinclair/typebox";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import type { takeList } from "@/api/imports";
import type { Instant } from "@/core/basics/instant";
import type { UsualCharters } from "@/core/charters/agreed";
import type { CharterToBe, KnownCharter, RowFate } from "@/core/imports/known";
import type { KnownGuest, MeantPerson } from "@/core/imports/people";
import { now } from "../clock";
import { currentList } from "../db/base-lists";
import { addImport, type TakenRow } from "../db/import-runs";
import {
  addChanges,
  addCharters,
  addGuests,
  askForClashes,
  changeCharters,
  changeContactsOf,
  letDaysBeExchanged,
  type WrittenChange,
  type WrittenCharter,
} from "../db/imports";
import { takeTurns, takeTurnsOnAllYachts } from "../db/locks";
import type { Queryable } from "../db/pool";
import { closeBook } from "../db/ways-in";
import { yachtNames } from "../db/yachts";
import { fatesIn, type LookedThrough } from "./look";

/**
 * Takes a list of charters in, all that it brings or nothing. It is looked through again first: what is taken is what was
 * seen.
 *
 * @throws AppError where something changed since it was looked through, or it brings nothing
 */
export async function takeIn(
  db: Queryable,
  { fileName, seen, ...list }: Static<typeof takeList.body>,
  by: string,
): Promise<{ id: string; new: number; changed: number }> {
  await takeTurnsToTake(db);
  const looked = await fatesIn(db, list);
  if (looked.seen !== seen) throw new AppError("list-seen-changed");
  if (!looked.fates.some(brings)) throw new AppError("list-brings-nothing");
  return takeFates(db, looked, fileName, by);
}

/** Those who take charters in take turns, so that what was looked through still stands when it is taken. */
export async function takeTurnsToTake(db: Queryable): Promise<void> {
  await takeTurns(db, "references");
  await takeTurnsOnAllYachts(db);
}

/**
 * Takes in what rows bring, as they were looked through in the same turn.
 *
 * @param fileName what they came in, as the desk tells it
 * @throws AppError where the days are somebody's by now
 */
export async function takeFates(
  db: Queryable,
  looked: LookedThrough,
  fileName: string,
  by: string,
): Promise<{ id: string; new: number; changed: number }> {
  const taken = looked.fates.filter(brings);
  const at = now();
  const id = uuid();
  const { list: usual } = await currentList(db, "charters");
  const names = new Map((await yachtNames(db)).map(({ slug, name }) => [slug, name]));
  await letDaysBeExchanged(db);
  const idOf = await writePeople(db, taken);
  const rows = taken
    .filter((fate) => !isContactsAlone(fate))
    .map((fate) => ({ fate, known: fate.becomes.known, after: writtenOf(fate.becomes, usual, idOf) }));
  const added = rows.flatMap(({ known, after }) => (known ? [] : [after]));
  if ((await addCharters(db, added)) !== added.length) throw new AppError("list-seen-changed");
  const changed = rows.flatMap(({ known, after }) => (known ? [{ known, after }] : []));
  const changes = changed.map(({ known, after }) => changeOf(known, after, names));
  if ((await addChanges(db, changes, { at, by, why: fileName })) !== changes.length)
    throw new AppError("list-seen-changed");
  await changeCharters(
    db,
    changed.map(({ after }) => after),
  );
  await askForClashes(db).catch((error: unknown) => {
    throw isClash(error) ? new AppError("list-seen-changed") : error;
  });
  for (const { known, after } of changed)
    if (known.calledOff === null && after.calledOff !== null) await closeBook(db, known.id, at);
  const same = looked.fates.filter(({ fate }) => fate === "same").length;
  const counts = { contacts: taken.length - rows.length, same, leftOut: looked.fates.length - taken.length - same };
  await addImport(db, { id, fileName, by, at, ...counts }, rows.map(rowOf));
  return { id, new: added.length, changed: taken.length - added.length };
}

type Brings = RowFate & { becomes: CharterToBe };
const brings = (fate: RowFate): fate is Brings => fate.becomes !== null;
/** Whether a row changes how people are reached and nothing that is agreed. */
const isContactsAlone = ({ changes }: Brings) =>
  changes.length > 0 && changes.every(({ column }) => contactColumns.has(column));
const contactColumns: ReadonlySet<string> = new Set([
  "chartererEmail",
  "chartererPhone",
  "skipperEmail",
  "skipperPhone",
]);
/** PostgreSQL's name for what an exclusion constraint refuses. */
const isClash = (error: unknown) => (error as { code?: string } | null)?.code === "23P01";

/** Writes the guests whom a list brings or changes, and tells who each of its people is. */
async function writePeople(db: Queryable, taken: readonly Brings[]): Promise<(meant: MeantPerson) => string> {
  const people = taken.flatMap(({ becomes }) => [becomes.charterer, becomes.skipper]);
  const added = new Map<string, KnownGuest>();
  const contacts = new Map<string, { id: string; email: string; phone: string }>();
  for (const person of people) {
    if (person.id === null) {
      const { key, name, email, phone } = person;
      const first = added.get(key);
      added.set(key, { id: first?.id ?? uuid(), name, email, phone: first?.phone || phone });
    } else if (person.contacts) contacts.set(person.id, { id: person.id, ...person.contacts });
  }
  await addGuests(db, [...added.values()]);
  await changeContactsOf(db, [...contacts.values()]);
  return (meant) => meant.id ?? added.get(meant.key)?.id ?? "";
}

function writtenOf(becomes: CharterToBe, usual: UsualCharters, idOf: (meant: MeantPerson) => string): WrittenCharter {
  const { known, charterId, charterer, skipper, terms, ...rest } = becomes;
  return {
    ...rest,
    charterId: known ? charterId : uuid(),
    stayId: known?.stayId ?? uuid(),
    terms: usual.templates[terms]?.terms ?? null,
    chartererId: idOf(charterer),
    skipperId: idOf(skipper),
  };
}

const instantOf = (instant: Instant) => new Date(instant).toISOString();

/** What a row changes as the charter's page tells it: people by their ids, as names can be erased. */
function changeOf(known: KnownCharter, after: WrittenCharter, names: ReadonlyMap<string, string>): WrittenChange {
  const words = (each: Pick<KnownCharter, "yacht" | "startsAt" | "endsAt" | "aboard" | "language" | "calledOff">) => ({
    yacht: names.get(each.yacht) ?? each.yacht,
    startsAt: instantOf(each.startsAt),
    endsAt: instantOf(each.endsAt),
    aboard: each.aboard,
    language: each.language,
    calledOff: each.calledOff,
  });
  return {
    charterId: known.id,
    number: known.onNumber + 1,
    was: { ...words(known), skipper: known.skipper.id, charterer: known.charterer.id },
    became: {
      ...words({ ...after, language: known.language }),
      language: after.language,
      skipper: after.skipperId,
      charterer: after.chartererId,
    },
  };
}

function rowOf({
  fate: { line, reference },
  known,
  after: { charterId },
}: {
  fate: Brings;
  known: KnownCharter | null;
  after: WrittenCharter;
}): TakenRow {
  if (!known) return { line, reference, charterId, fate: "new", changeNumber: null, was: null };
  const { yacht, startsAt, endsAt, freeFrom, aboard, language, charterer, skipper, calledOff } = known;
  const people = { chartererId: charterer.id, skipperId: skipper.id };
  return {
    line,
    reference,
    charterId,
    fate: "changed",
    changeNumber: known.onNumber + 1,
    was: { yacht, startsAt, endsAt, freeFrom, aboard, language, calledOff, ...people },
  };
}
