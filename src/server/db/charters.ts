import "server-only";
import { v7 as uuid } from "uuid";
import type { StayView } from "@/api/schemas/desk";
import { partOf } from "@/core/charters/reference";
import { stayInHand } from "@/core/charters/in-hand";
import { now } from "../clock";
import { isLanguage, type Language, usualLanguage } from "@/core/basics/languages";
import type { Queryable } from "./pool";

const staySelect = `
  select s.id as "stayId", c.id as "charterId", stay_reference(c.reference, s.part) as reference, s.part, y.id as "yachtId", y.name as "yachtName", y.slug as "yachtSlug", y.berth,
    s.starts_at as "startsAt", s.ends_at as "endsAt", s.aboard, s.called_off as "calledOff", c.skipper_id as "skipperId", sk.name as skipper,
    c.charterer_id as "chartererId", ch.name as charterer, c.terms,
    (select a.reference from money_authority a where a.charter_id = c.id order by a.noted_at desc, a.id desc limit 1) as authority,
    coalesce((select sum(case e.kind when 'held' then e.amount_minor when 'captured' then -e.amount_minor when 'released' then -e.amount_minor else 0 end)
              from deposit_event e where e.stay_id = s.id), 0)::bigint as "heldMinor",
    coalesce((select jsonb_agg(jsonb_build_object('id', h.id, 'kind', h.kind, 'openedAt', h.opened_at, 'entries', h.last_number,
                'sealedAt', (select l.sealed_at from standing_seal l where l.handover_id = h.id),
                'seals', coalesce((select jsonb_agg(jsonb_build_object('seal', l.seal, 'sealedAt', l.sealed_at, 'receivedAt', l.received_at, 'problems', l.problems,
                    'settled', l.settled, 'settledWhy', l.settled_why, 'differ', l.differ,
                    'stands', exists (select 1 from standing_seal t where t.id = l.id)) order by l.number)
                  from examined_seal l where l.handover_id = h.id), '[]'),
                'against', coalesce((select l.clearance -> 'against' from standing_seal l where l.handover_id = h.id), '[]'),
                'lifted', (select jsonb_build_object('how', f.how, 'why', f.why, 'by', p.name, 'at', f.lifted_at) from clearance_lift f join person p on p.id = f.lifted_by
                  where f.handover_id = h.id order by f.lifted_at desc limit 1),
                'late', (select count(*) from addendum a where a.handover_id = h.id and a.kind = 'late-entry'
                  and not exists (select 1 from standing_seal l where l.handover_id = h.id and l.manifest -> 'entries' @> jsonb_build_array(jsonb_build_object('id', a.id)))),
                'toAnswer', (select count(*) from addendum a where a.handover_id = h.id and a.kind = 'late-finding'
                  and not exists (select 1 from addendum b where b.handover_id = h.id and b.kind = 'answer' and b.content ->> 'to' = a.id::text)),
                'prepDone', exists (select 1 from entry e where e.handover_id = h.id and e.aspect = 'prep-done')) order by h.kind)
              from handover h where h.stay_id = s.id), '[]') as handovers,
    (select t.sealed_at from settlement t where t.stay_id = s.id) as "settledAt"
  from stay s join charter c on c.id = s.charter_id join yacht y on y.id = s.yacht_id
  join person sk on sk.id = c.skipper_id join person ch on ch.id = c.charterer_id`;

/** Stays that begin or end between two instants, or are under way between them, by their next moment. */
export async function staysBetween(db: Queryable, from: string, to: string): Promise<StayView[]> {
  return (
    await db.query<StayView>(
      `${staySelect} where s.starts_at < $2 and s.ends_at >= $1 and s.called_off is null order by s.starts_at`,
      [from, to],
    )
  ).rows;
}

/** Whether nobody else has a yacht out: every other stay that was handed over has been taken back, signed. */
export async function yachtIsBack(db: Queryable, yachtId: string, exceptStayId: string): Promise<boolean> {
  return (await staysOut(db, [yachtId])).every(({ stayId }) => stayId === exceptStayId);
}

/** Stays whose check-in is signed and whose check-out is not, of some yachts. */
export async function staysOut(
  db: Queryable,
  yachtIds: readonly string[],
): Promise<{ yachtId: string; stayId: string }[]> {
  const { rows } = await db.query<{ yachtId: string; stayId: string }>(
    `select i.yacht_id as "yachtId", i.stay_id as "stayId" from handover i join standing_seal s on s.handover_id = i.id
     where i.yacht_id = any($1) and i.kind = 'check-in'
       and not exists (select 1 from handover o join standing_seal t on t.handover_id = o.id where o.check_in_id = i.id)`,
    [yachtIds],
  );
  return rows;
}

/** Where a page of stays ends. */
export interface StayMark {
  startsAt: string;
  stayId: string;
}

/**
 * Stays, newest first, from after a mark on.
 *
 * @param find in the reference, or the name of yacht or skipper; blank for all
 */
export async function staysAfter(
  db: Queryable,
  find: string,
  after: StayMark | null,
  limit: number,
): Promise<StayView[]> {
  const { rows } = await db.query<StayView>(
    `${staySelect}
     where ($1 = '' or position(lower($1) in lower(concat_ws(' ', stay_reference(c.reference, s.part), y.name, sk.name))) > 0)
       and ($2::timestamptz is null or (s.starts_at, s.id) < ($2, $3::uuid))
     order by s.starts_at desc, s.id desc limit $4`,
    [find, after?.startsAt ?? null, after?.stayId ?? null, limit],
  );
  return rows;
}

/** The last stay of a yacht that had ended before an instant: whose it was, and when she came back. */
export async function stayBefore(
  db: Queryable,
  yachtId: string,
  at: string,
): Promise<{ charterId: string; endsAt: string } | null> {
  const { rows } = await db.query<{ charterId: string; endsAt: string }>(
    `select charter_id as "charterId", ends_at as "endsAt" from stay where yacht_id = $1 and ends_at <= $2 and called_off is null
     order by ends_at desc limit 1`,
    [yachtId, at],
  );
  return rows[0] ?? null;
}

/** The stays of a yacht that are under way at an instant or still to come, soonest first. */
export async function nextStays(db: Queryable, yachtId: string, at: string, limit: number): Promise<StayView[]> {
  return (
    await db.query<StayView>(
      `${staySelect} where s.yacht_id = $1 and s.ends_at >= $2 and s.called_off is null order by s.starts_at limit $3`,
      [yachtId, at, limit],
    )
  ).rows;
}

/** One stay by its id, its own reference, or its charter: of several yachts the one in hand, as {@link stayInHand} tells. */
export async function findStay(
  db: Queryable,
  key: { stayId: string } | { charterId: string } | { reference: string },
): Promise<StayView | null> {
  if ("charterId" in key) return stayInHand(await staysOfCharter(db, key.charterId));
  const { where, values } =
    "stayId" in key ? { where: "s.id = $1", values: [key.stayId] } : whereReference(key.reference);
  return (await db.query<StayView>(`${staySelect} where ${where}`, values)).rows[0] ?? null;
}

function whereReference(stayReference: string) {
  const { reference, part } = partOf(stayReference);
  return { where: "c.reference = $1 and s.part = $2", values: [reference, part] };
}

/** The stays of a charter, one for each yacht that it was on or goes on with, in order. */
export async function staysOfCharter(db: Queryable, charterId: string): Promise<StayView[]> {
  return (await db.query<StayView>(`${staySelect} where c.id = $1 order by s.part`, [charterId])).rows;
}

/** In which language a charter's people are spoken to. */
export async function languageOfCharter(db: Queryable, charterId: string): Promise<Language> {
  const { rows } = await db.query<{ language: string }>("select language from charter where id = $1", [charterId]);
  const language = rows[0]?.language;
  return isLanguage(language) ? language : usualLanguage;
}

/** Who may speak and sign for the charter's side of a stay. */
export async function skippersSide(db: Queryable, stayId: string): Promise<string[]> {
  const { rows } = await db.query<{ people: string[] }>(
    "select array[c.skipper_id, c.charterer_id] as people from stay s join charter c on c.id = s.charter_id where s.id = $1",
    [stayId],
  );
  return rows[0]?.people ?? [];
}

/** Notes the charterer's written authority for the skipper to settle money, by what it can be found again under. */
export async function noteAuthority(
  db: Queryable,
  charterId: string,
  reference: string,
  personId: string,
): Promise<void> {
  await db.query(
    "insert into money_authority (id, base_id, charter_id, reference, noted_by, noted_at) values ($1, current_base(), $2, $3, $4, $5)",
    [uuid(), charterId, reference, personId, now()],
  );
}
