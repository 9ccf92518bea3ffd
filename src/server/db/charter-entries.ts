import "server-only";
import type { CharterChangeView, Guest } from "@/api/schemas/charters";
import type { Instant } from "@/core/basics/instant";
import type { CalledOff } from "@/core/charters/call-off";
import type { Language } from "@/core/basics/languages";
import type { CharterTerms } from "@/core/settlement/terms";
import type { Queryable } from "./pool";

/** A charter with its stay, as it is entered. */
export interface NewCharter {
  charterId: string;
  stayId: string;
  reference: string;
  yachtId: string;
  chartererId: string;
  skipperId: string;
  terms: CharterTerms;
  language: Language;
  aboard: number;
  startsAt: Instant;
  endsAt: Instant;
  freeFrom: Instant;
}

/** Adds a charter with its stay. Returns false where the base has one of this reference. */
export async function addCharter(db: Queryable, charter: NewCharter): Promise<boolean> {
  const { charterId, reference, chartererId, skipperId, terms, language } = charter;
  const { rowCount } = await db.query(
    `insert into charter (id, base_id, reference, charterer_id, skipper_id, terms, language)
     values ($1, current_base(), $2, $3, $4, $5, $6) on conflict (base_id, reference) do nothing`,
    [charterId, reference, chartererId, skipperId, JSON.stringify(terms), language],
  );
  if (rowCount !== 1) return false;
  await db.query(
    `insert into stay (id, base_id, charter_id, yacht_id, starts_at, ends_at, free_from, aboard)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7)`,
    [charter.stayId, charterId, charter.yachtId, charter.startsAt, charter.endsAt, charter.freeFrom, charter.aboard],
  );
  return true;
}

/** Writes over what is agreed in a charter and its stay. */
export async function changeAgreed(db: Queryable, charter: Omit<NewCharter, "reference" | "terms">): Promise<void> {
  await db.query("update charter set charterer_id = $2, skipper_id = $3, language = $4 where id = $1", [
    charter.charterId,
    charter.chartererId,
    charter.skipperId,
    charter.language,
  ]);
  await db.query(
    "update stay set yacht_id = $2, starts_at = $3, ends_at = $4, free_from = $5, aboard = $6 where id = $1",
    [charter.stayId, charter.yachtId, charter.startsAt, charter.endsAt, charter.freeFrom, charter.aboard],
  );
}

/** A charter that a yacht is promised to. */
export interface Promised {
  reference: string;
  startsAt: Instant;
  endsAt: Instant;
  freeFrom: Instant;
}

const promised = `select stay_reference(c.reference, s.part) as reference, s.starts_at as "startsAt", s.ends_at as "endsAt", s.free_from as "freeFrom"
  from stay s join charter c on c.id = s.charter_id where s.yacht_id = $1 and s.called_off is null`;

/**
 * The charter that a yacht is promised to in some time, other than that of one stay; null where she is free.
 *
 * @param until whether a charter keeps her until its end, or until her turn-round is done
 */
export async function promisedTo(
  db: Queryable,
  {
    yachtId,
    startsAt,
    endsAt,
    until,
    exceptStayId = null,
  }: {
    yachtId: string;
    startsAt: Instant;
    endsAt: Instant;
    until: "ends_at" | "free_from";
    exceptStayId?: string | null;
  },
): Promise<Promised | null> {
  const { rows } = await db.query<Promised>(
    `${promised} and s.id is distinct from $4 and tstzrange(s.starts_at, s.${until}) && tstzrange($2, $3)
     order by s.starts_at limit 1`,
    [yachtId, startsAt, endsAt, exceptStayId],
  );
  return rows[0] ?? null;
}

/** The charters of a yacht right before and right after a time, other than that of one stay. */
export async function neighboursOf(
  db: Queryable,
  {
    yachtId,
    startsAt,
    endsAt,
    exceptStayId,
  }: { yachtId: string; startsAt: Instant; endsAt: Instant; exceptStayId: string },
): Promise<{ before: Promised | null; after: Promised | null }> {
  const before = await db.query<Promised>(
    `${promised} and s.id <> $3 and s.ends_at <= $2 order by s.ends_at desc limit 1`,
    [yachtId, startsAt, exceptStayId],
  );
  const after = await db.query<Promised>(
    `${promised} and s.id <> $3 and s.starts_at >= $2 order by s.starts_at limit 1`,
    [yachtId, endsAt, exceptStayId],
  );
  return { before: before.rows[0] ?? null, after: after.rows[0] ?? null };
}

/** Writes down that a stay does not take place, or does after all. */
export async function setCalledOff(db: Queryable, stayId: string, calledOff: CalledOff | null): Promise<void> {
  await db.query("update stay set called_off = $2 where id = $1", [stayId, calledOff]);
}

/** Writes over until when a stay has its yacht. */
export async function setEnd(
  db: Queryable,
  { stayId, endsAt, freeFrom }: { stayId: string; endsAt: Instant; freeFrom: Instant },
): Promise<void> {
  await db.query("update stay set ends_at = $2, free_from = $3 where id = $1", [stayId, endsAt, freeFrom]);
}

/** Adds a stay on another yacht to a charter. Returns what it is called. */
export async function addStay(
  db: Queryable,
  stay: Pick<NewCharter, "charterId" | "stayId" | "yachtId" | "startsAt" | "endsAt" | "freeFrom" | "aboard">,
): Promise<string> {
  const { rows } = await db.query<{ reference: string }>(
    `with added as (
       insert into stay (id, base_id, charter_id, yacht_id, starts_at, ends_at, free_from, aboard, part)
       select $1, current_base(), $2, $3, $4, $5, $6, $7, max(part) + 1 from stay where charter_id = $2 returning charter_id, part)
     select stay_reference(c.reference, added.part) as reference from added join charter c on c.id = added.charter_id`,
    [stay.stayId, stay.charterId, stay.yachtId, stay.startsAt, stay.endsAt, stay.freeFrom, stay.aboard],
  );
  return rows[0]?.reference ?? "";
}

/** The last references of the base, the newest charter first. */
export async function lastReferences(db: Queryable): Promise<string[]> {
  const { rows } = await db.query<{ reference: string }>(
    "select reference from charter order by length(reference) desc, reference desc limit 200",
  );
  return rows.map(({ reference }) => reference);
}

const guestColumns = `p.id, p.name, coalesce(p.email, '') as email, coalesce(p.phone, '') as phone,
  (select c.reference from charter c join stay s on s.charter_id = c.id where p.id in (c.charterer_id, c.skipper_id) order by s.starts_at desc limit 1) as last`;
const isGuest =
  "p.erased_at is null and not exists (select 1 from staff f where f.base_id = p.base_id and f.person_id = p.id)";

/** Guests whose name, or a word of it, or mail address begins with some letters. */
export async function guestsLike(db: Queryable, find: string, limit: number): Promise<Guest[]> {
  const letters = find
    .trim()
    .toLowerCase()
    .replaceAll(/[\\%_]/g, "\\$&");
  const { rows } = await db.query<Guest>(
    `select ${guestColumns} from person p where ${isGuest}
       and (lower(p.name) like $1 || '%' or lower(p.name) like '% ' || $1 || '%' or lower(p.email) like $1 || '%') order by p.name, p.id limit $2`,
    [letters, limit],
  );
  return rows;
}

/** A guest by id; null for who is none. */
export async function findGuest(db: Queryable, id: string): Promise<Guest | null> {
  const { rows } = await db.query<Guest>(`select ${guestColumns} from person p where p.id = $1 and ${isGuest}`, [id]);
  return rows[0] ?? null;
}

/** Adds a guest. */
export async function addGuest(
  db: Queryable,
  id: string,
  { name, email, phone }: { name: string; email: string | null; phone: string | null },
): Promise<void> {
  await db.query("insert into person (id, base_id, name, email, phone) values ($1, current_base(), $2, $3, $4)", [
    id,
    name,
    email,
    phone,
  ]);
}

/** Writes over how a guest is reached; the name stays. */
export async function changeContacts(
  db: Queryable,
  id: string,
  { email, phone }: { email: string | null; phone: string | null },
): Promise<void> {
  await db.query(
    "update person set email = $2, phone = $3 where id = $1 and (email, phone) is distinct from ($2, $3)",
    [id, email, phone],
  );
}

/** Keeps what was changed. Returns false where another change came in between. */
export async function addCharterChange(
  db: Queryable,
  charterId: string,
  change: { onNumber: number; at: Instant; by: string; why: string; told: string; was: object; became: object },
): Promise<boolean> {
  const { rowCount } = await db.query(
    `insert into charter_change (base_id, charter_id, number, at, by_person, why, told, was, became)
     values (current_base(), $1, $2, $3, $4, $5, $6, $7, $8) on conflict do nothing`,
    [
      charterId,
      change.onNumber + 1,
      change.at,
      change.by,
      change.why,
      change.told,
      JSON.stringify(change.was),
      JSON.stringify(change.became),
    ],
  );
  return rowCount === 1;
}

/** What was changed in a charter, newest first. */
export async function changesOf(db: Queryable, charterId: string): Promise<CharterChangeView[]> {
  const { rows } = await db.query<CharterChangeView>(
    `select x.number, x.at, p.name as by, x.why, x.told, x.was, x.became from charter_change x
     join person p on p.base_id = x.base_id and p.id = x.by_person where x.charter_id = $1 order by x.number desc`,
    [charterId],
  );
  return rows;
}
