import "server-only";
import type { CalendarDue, CalendarStay, CalendarView } from "@/api/schemas/charters";
import type { Instant } from "@/core/basics/instant";
import { lastGoodDay } from "@/core/basics/instant";
import type { Queryable } from "./pool";
import { latest } from "./yachts";

const signed = (kind: string) =>
  `exists (select 1 from handover h join standing_seal l on l.handover_id = h.id where h.stay_id = s.id and h.kind = '${kind}')`;
const opened = (kind: string) => `exists (select 1 from handover h where h.stay_id = s.id and h.kind ${kind})`;

/** Whether the charter goes on with another yacht. */
export const isFollowed = `exists (select 1 from stay n where n.charter_id = s.charter_id and n.part > s.part and n.called_off is null)`;

/** Charters that have a yacht between two instants, with what their bars show. */
export async function barsBetween(db: Queryable, from: Instant, to: Instant): Promise<CalendarStay[]> {
  const { rows } = await db.query<CalendarStay>(
    `select s.id, stay_reference(c.reference, s.part) as reference, y.slug as yacht, s.starts_at as "startsAt", s.ends_at as "endsAt", s.free_from as "freeFrom", k.name as skipper, s.aboard,
       case when exists (select 1 from settlement t where t.stay_id = s.id) then 'settled'
         when ${signed("check-out")} then 'back' when ${signed("check-in")} then 'out' else 'to-come' end as state,
       s.part > 1 or ${opened("is not null")} as "isBegun", ${isFollowed} or ${opened("= 'check-out'")} as "isEnding",
       coalesce((select max(x.number) from charter_change x where x.charter_id = c.id), 0) as "onNumber"
     from stay s join charter c on c.id = s.charter_id join yacht y on y.id = s.yacht_id join person k on k.id = c.skipper_id
     where s.called_off is null and tstzrange(s.starts_at, s.free_from, '[]') && tstzrange($1, $2) order by s.starts_at, c.id`,
    [from, to],
  );
  return rows;
}

/**
 * Yachts that somebody has between two instants, by plan or because she is still out, each with the first charter that
 * does; null where she is closed.
 */
export async function yachtsTaken(db: Queryable, from: Instant, to: Instant): Promise<Record<string, string | null>> {
  const { rows } = await db.query<{ yacht: string; reference: string | null }>(
    `select distinct on (t.yacht) t.yacht, t.reference from (
       select y.slug as yacht, stay_reference(c.reference, s.part) as reference, s.starts_at
       from stay s join charter c on c.id = s.charter_id join yacht y on y.id = s.yacht_id
       where s.called_off is null and (tstzrange(s.starts_at, s.free_from) && tstzrange($1, $2)
         or s.starts_at < $1 and ${signed("check-in")} and not ${signed("check-out")})
       union all
       select y.slug, null, x.starts_at from yacht_closing x join yacht y on y.id = x.yacht_id
       where x.taken_off_at is null and tstzrange(x.starts_at, x.ends_at) && tstzrange($1, $2)) t
     order by t.yacht, t.starts_at`,
    [from, to],
  );
  return Object.fromEntries(rows.map(({ yacht, reference }) => [yacht, reference]));
}

/** The yachts of the base as rows of the calendar. */
export async function calendarYachts(db: Queryable): Promise<CalendarView["yachts"]> {
  const { rows } = await db.query<CalendarView["yachts"][number]>(
    `select y.slug, y.name, y.berth, coalesce(r.document #>> '{particulars,class}', '') as "className",
       coalesce((r.document #>> '{particulars,maximumAboard}')::int, 0) as "maximumAboard" from yacht y ${latest} order by y.name`,
  );
  return rows;
}

/** Printed dates as they were read at each yacht's last signed handover, those that run out between two days. */
export async function datesRunningOut(db: Queryable, fromDay: string, toDay: string): Promise<CalendarDue[]> {
  const { rows } = await db.query<{ yacht: string; subject: string; date: string; words: string | null }>(
    `select y.slug as yacht, e.subject, e.content #>> '{value,date}' as date,
       r.document #>> array['readings', substr(e.subject, 14), 'name', 'en'] as words
     from yacht y ${latest}
     join lateral (select h.id from handover h join standing_seal l on l.handover_id = h.id
       where h.yacht_id = y.id and h.kind <> 'prep' order by h.opened_at desc limit 1) last on true
     join entry e on e.handover_id = last.id and e.aspect = 'reading' and e.content #> '{value,date}' is not null
     order by y.slug, e.subject, e.number`,
  );
  // what was read last of one thing counts
  const last = new Map(rows.map((row) => [`${row.yacht} ${row.subject}`, row]));
  return [...last.values()].flatMap(({ yacht, date, words }) => {
    const day = lastGoodDay(date);
    return day !== null && words !== null && day >= fromDay && day < toDay ? [{ yacht, day, words }] : [];
  });
}
