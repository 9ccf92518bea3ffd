import "server-only";
import type { Instant } from "@/core/basics/instant";
import type { CalledOff } from "@/core/charters/call-off";
import type { KnownCrew } from "@/core/imports/crew";
import type { Held } from "@/core/imports/held";
import type { KnownGuest } from "@/core/imports/people";
import type { KnownCharter } from "@/core/imports/known";
import type { CharterTerms } from "@/core/settlement/terms";
import { isFollowed } from "./calendar";
import type { Queryable } from "./pool";

const opened = (which: string) => `exists (select 1 from handover h where h.stay_id = s.id and ${which})`;
const openedInCharter = (which: string) =>
  `exists (select 1 from handover h join stay o on o.id = h.stay_id where o.charter_id = c.id and ${which})`;
const guest = (as: string) =>
  `json_build_object('id', ${as}.id, 'name', ${as}.name, 'email', coalesce(${as}.email, ''), 'phone', coalesce(${as}.phone, ''))`;

/** Charters with some references, whatever case they are written in; all of the base where none are given. */
export async function knownCharters(db: Queryable, references: readonly string[] | null): Promise<KnownCharter[]> {
  const { rows } = await db.query<KnownCharter>(
    `select c.id, s.id as "stayId", stay_reference(c.reference, s.part) as reference, y.slug as yacht, s.starts_at as "startsAt", s.ends_at as "endsAt", s.free_from as "freeFrom", s.aboard, c.language,
       ${guest("m")} as charterer, ${guest("k")} as skipper, s.called_off as "calledOff",
       coalesce((select max(x.number) from charter_change x where x.charter_id = c.id), 0) as "onNumber",
       s.part > 1 or ${opened("true")} as "isBegun", ${openedInCharter("h.kind in ('check-in', 'check-out')")} as "hasPeopleAboard",
       ${isFollowed} or ${opened("h.kind = 'check-out'")} as "isEnding",
       s.part > 1 or ${opened("h.kind = 'check-in' and exists (select 1 from standing_seal l where l.handover_id = h.id)")} as "isHandedOver"
     from charter c join stay s on s.charter_id = c.id join yacht y on y.id = s.yacht_id
     join person m on m.id = c.charterer_id join person k on k.id = c.skipper_id
     where $1::text[] is null or lower(stay_reference(c.reference, s.part)) = any ($1) order by s.starts_at, c.reference`,
    [references],
  );
  return rows;
}

/** Every charter that has a yacht after an instant, until her turn-round is done. */
export async function heldAfter(db: Queryable, from: Instant): Promise<Held[]> {
  const { rows } = await db.query<Held>(
    `select c.id as "charterId", stay_reference(c.reference, s.part) as reference, y.slug as yacht, s.starts_at as "startsAt", s.free_from as "freeFrom"
     from stay s join charter c on c.id = s.charter_id join yacht y on y.id = s.yacht_id
     where s.called_off is null and s.free_from > $1 order by s.starts_at, c.id`,
    [from],
  );
  return rows;
}

/** Guests of some names, whatever case they are written in. */
export async function guestsOfNames(db: Queryable, names: readonly string[]): Promise<KnownGuest[]> {
  const { rows } = await db.query<KnownGuest>(
    `select p.id, p.name, coalesce(p.email, '') as email, coalesce(p.phone, '') as phone from person p
     where p.erased_at is null and lower(p.name) = any ($1)
       and not exists (select 1 from staff f where f.base_id = p.base_id and f.person_id = p.id) order by p.id`,
    [names],
  );
  return rows;
}

/** Lets charters exchange their days until the transaction ends; what stands twice then is refused. */
export const letDaysBeExchanged = async (db: Queryable): Promise<void> => {
  await db.query("set constraints yacht_promised_once deferred");
};

/** Asks now whether a yacht is promised twice. */
export const askForClashes = async (db: Queryable): Promise<void> => {
  await db.query("set constraints yacht_promised_once immediate");
};

/** A charter as a list writes it. */
export interface WrittenCharter {
  charterId: string;
  stayId: string;
  reference: string;
  yacht: string;
  startsAt: Instant;
  endsAt: Instant;
  freeFrom: Instant;
  aboard: number;
  language: string;
  terms: CharterTerms | null;
  chartererId: string;
  skipperId: string;
  calledOff: CalledOff | null;
}

/** Adds guests, all at once. */
export async function addGuests(db: Queryable, guests: readonly KnownGuest[]): Promise<void> {
  await db.query(
    `insert into person (id, base_id, name, email, phone)
     select g.id, current_base(), g.name, nullif(g.email, ''), nullif(g.phone, '')
     from jsonb_to_recordset($1) as g (id uuid, name text, email text, phone text)`,
    [JSON.stringify(guests)],
  );
}

/** Writes over how guests are reached. */
export async function changeContactsOf(
  db: Queryable,
  guests: readonly { id: string; email: string; phone: string }[],
): Promise<void> {
  await db.query(
    `update person p set email = nullif(g.email, ''), phone = nullif(g.phone, '')
     from jsonb_to_recordset($1) as g (id uuid, email text, phone text) where p.id = g.id`,
    [JSON.stringify(guests)],
  );
}

const columnsOf = `("charterId" uuid, "stayId" uuid, reference text, yacht text, "startsAt" timestamptz, "endsAt" timestamptz, "freeFrom" timestamptz,
  aboard int, language text, terms jsonb, "chartererId" uuid, "skipperId" uuid, "calledOff" text)`;

/** Adds charters with their stays, all at once. Returns how many there was room for: one whose reference is taken is none. */
export async function addCharters(db: Queryable, charters: readonly WrittenCharter[]): Promise<number> {
  const given = [JSON.stringify(charters)];
  const { rowCount } = await db.query(
    `insert into charter (id, base_id, reference, charterer_id, skipper_id, terms, language)
     select g."charterId", current_base(), g.reference, g."chartererId", g."skipperId", g.terms, g.language
     from jsonb_to_recordset($1) as g ${columnsOf} on conflict (base_id, reference) do nothing`,
    given,
  );
  if (rowCount !== charters.length) return rowCount ?? 0;
  await db.query(
    `insert into stay (id, base_id, charter_id, yacht_id, starts_at, ends_at, free_from, aboard)
     select g."stayId", current_base(), g."charterId", y.id, g."startsAt", g."endsAt", g."freeFrom", g.aboard
     from jsonb_to_recordset($1) as g ${columnsOf} join yacht y on y.slug = g.yacht`,
    given,
  );
  return charters.length;
}

/** Writes over what is agreed in charters and their stays, all at once. */
export async function changeCharters(db: Queryable, charters: readonly WrittenCharter[]): Promise<void> {
  const given = [JSON.stringify(charters)];
  await db.query(
    `update charter c set charterer_id = g."chartererId", skipper_id = g."skipperId", language = g.language
     from jsonb_to_recordset($1) as g ${columnsOf} where c.id = g."charterId"`,
    given,
  );
  await db.query(
    `update stay s set yacht_id = y.id, starts_at = g."startsAt", ends_at = g."endsAt", free_from = g."freeFrom", aboard = g.aboard, called_off = g."calledOff"
     from jsonb_to_recordset($1) as g ${columnsOf} join yacht y on y.slug = g.yacht where s.id = g."stayId"`,
    given,
  );
}

/** A change that a list makes in a charter. */
export interface WrittenChange {
  charterId: string;
  number: number;
  was: object;
  became: object;
}

/** Keeps what a list changed in charters. Returns how many: one that another change came before is none. */
export async function addChanges(
  db: Queryable,
  changes: readonly WrittenChange[],
  { at, by, why }: { at: Instant; by: string; why: string },
): Promise<number> {
  const { rowCount } = await db.query(
    `insert into charter_change (base_id, charter_id, number, at, by_person, why, told, was, became)
     select current_base(), g."charterId", g.number, $2, $3, $4, '', g.was, g.became
     from jsonb_to_recordset($1) as g ("charterId" uuid, number int, was jsonb, became jsonb) on conflict do nothing`,
    [JSON.stringify(changes), at, by, why],
  );
  return rowCount ?? 0;
}

const crewColumns = `stay_reference(c.reference, s.part) as reference, s.id as "stayId", y.name as yacht, s.aboard, s.called_off is not null as "isCalledOff",
  ${opened("h.kind = 'check-in' and exists (select 1 from seal l where l.handover_id = h.id)")} as "isHandedOver",
  coalesce((select k.crew from crew_list k where k.stay_id = s.id order by k.number desc limit 1), '[]') as crew
  from stay s join charter c on c.id = s.charter_id join yacht y on y.id = s.yacht_id`;

/** The crews of charters with some references, whatever case they are written in. */
export async function knownCrews(db: Queryable, references: readonly string[]): Promise<KnownCrew[]> {
  const where = "lower(stay_reference(c.reference, s.part)) = any ($1)";
  return (await db.query<KnownCrew>(`select ${crewColumns} where ${where} order by s.starts_at, s.id`, [references]))
    .rows;
}

/** The crews of charters that are not over at an instant. */
export async function crewsToCome(db: Queryable, at: Instant): Promise<KnownCrew[]> {
  const where = "s.ends_at > $1 and s.called_off is null";
  return (await db.query<KnownCrew>(`select ${crewColumns} where ${where} order by s.starts_at, s.id`, [at])).rows;
}
