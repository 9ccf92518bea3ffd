import "server-only";
import type { ReadingValue } from "@/core/readings";
import type { HandoverList } from "@/core/handover/list";
import type { HandoverKind } from "@/core/handover/lines/line-input";
import type { Queryable } from "./pool";

export interface HandoverRow {
  id: string;
  baseId: string;
  stayId: string;
  kind: HandoverKind;
  checkInId: string | null;
  yachtId: string;
  revision: number;
  list: HandoverList;
  listHash: string;
  openedAt: string;
}

const columns = `id, base_id as "baseId", stay_id as "stayId", kind, check_in_id as "checkInId", yacht_id as "yachtId", yacht_revision as revision, list,
  list_hash as "listHash", opened_at as "openedAt"`;

/** A handover by its id. */
export async function findHandover(db: Queryable, id: string): Promise<HandoverRow | null> {
  return (await db.query<HandoverRow>(`select ${columns} from handover where id = $1`, [id])).rows[0] ?? null;
}

/** The check-in or check-out of a stay. */
export async function handoverOfStay(db: Queryable, stayId: string, kind: HandoverKind): Promise<HandoverRow | null> {
  return (
    (await db.query<HandoverRow>(`select ${columns} from handover where stay_id = $1 and kind = $2`, [stayId, kind]))
      .rows[0] ?? null
  );
}

export interface AddendumRow {
  id: string;
  kind: string;
  content: unknown;
  madeAt: string;
  receivedAt: string;
}

/** What came after the seal that stands, in order of arrival; what it names itself came with it, whatever seal was there before. */
export async function addendaOf(db: Queryable, handoverId: string): Promise<AddendumRow[]> {
  return (
    await db.query<AddendumRow>(
      `select id, kind, content, made_at as "madeAt", received_at as "receivedAt" from addendum a where handover_id = $1
       and not (kind = 'late-entry' and exists (select 1 from standing_seal s where s.handover_id = a.handover_id and s.manifest -> 'entries' @> jsonb_build_array(jsonb_build_object('id', a.id))))
       order by received_at, id`,
      [handoverId],
    )
  ).rows;
}

/** Names of people by id; those whose names were erased are left out. */
export async function namesOf(db: Queryable, ids: readonly string[]): Promise<Record<string, string>> {
  const { rows } = await db.query<{ id: string; name: string }>(
    "select id, name from person where id = any($1) and erased_at is null",
    [[...new Set(ids)]],
  );
  return Object.fromEntries(rows.map((row) => [row.id, row.name]));
}

/** Names of everybody who may record on a handover, by person. */
export async function peopleOn(db: Queryable, handoverId: string): Promise<Record<string, string>> {
  const { rows } = await db.query<{ id: string; name: string }>(
    "select distinct p.id, p.name from device_grant g join person p on p.id = g.person_id where g.handover_id = $1 and p.erased_at is null",
    [handoverId],
  );
  return Object.fromEntries(rows.map((row) => [row.id, row.name]));
}

/** Locks a handover's row until the transaction ends. */
export async function lockHandover(db: Queryable, id: string): Promise<void> {
  await db.query("select 1 from handover where id = $1 for update", [id]);
}

/** Whether a check-out was opened that goes back to this check-in. */
export async function hasCheckOut(db: Queryable, checkInId: string): Promise<boolean> {
  return ((await db.query("select 1 from handover where check_in_id = $1", [checkInId])).rowCount ?? 0) > 0;
}

/** Opens a handover: its list is fixed from then on. */
export async function addHandover(
  db: Queryable,
  handover: Omit<HandoverRow, "baseId"> & { openedBy: string },
): Promise<void> {
  await db.query(
    `insert into handover (id, base_id, stay_id, kind, check_in_id, yacht_id, yacht_revision, list, list_hash, opened_at, opened_by)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9, $10)`,
    [
      handover.id,
      handover.stayId,
      handover.kind,
      handover.checkInId,
      handover.yachtId,
      handover.revision,
      JSON.stringify(handover.list),
      handover.listHash,
      handover.openedAt,
      handover.openedBy,
    ],
  );
}

/** Readings of a yacht from her signed handovers and finished preps, oldest first. What came after a seal stands in an addendum and is left out. */
export async function readingsOf(
  db: Queryable,
  yachtId: string,
): Promise<{ subject: string; value: ReadingValue; at: string }[]> {
  const { rows } = await db.query<{ subject: string; value: ReadingValue; at: string }>(
    `with named as (
       select (x ->> 'id')::uuid as id from handover h join standing_seal s on s.handover_id = h.id, jsonb_array_elements(s.manifest -> 'entries') x where h.yacht_id = $1
       union all
       select e.id from handover h join entry e on e.handover_id = h.id
       where h.yacht_id = $1 and h.kind = 'prep' and exists (select 1 from entry done where done.handover_id = h.id and done.aspect = 'prep-done')
         and not exists (select 1 from addendum a where a.id = e.id))
     select e.subject, e.content -> 'value' as value, h.opened_at as at from named join entry e using (id) join handover h on h.id = e.handover_id
     where e.aspect = 'reading'
       and not exists (select 1 from named n join entry later using (id) where later.handover_id = e.handover_id and later.content -> 'basis' ? e.id::text)
     order by h.opened_at`,
    [yachtId],
  );
  return rows;
}

/** The last check-in of a yacht on which somebody showed a stop, other than one stay's. */
export async function lastBriefed(
  db: Queryable,
  yachtId: string,
  personId: string,
  exceptStayId: string,
): Promise<{ revision: number; at: string } | null> {
  const { rows } = await db.query<{ revision: number; at: string }>(
    `select h.yacht_revision as revision, h.opened_at as at from handover h
     where h.yacht_id = $1 and h.stay_id <> $3 and exists (select 1 from entry e where e.handover_id = h.id and e.aspect = 'shown' and e.content -> 'by' ->> 'person' = $2)
     order by h.opened_at desc limit 1`,
    [yachtId, personId, exceptStayId],
  );
  return rows[0] ?? null;
}
