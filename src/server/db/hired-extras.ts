import "server-only";
import type { HiredExtra } from "@/core/extras/extra";
import type { Queryable } from "./pool";

/** The extras of a charter as they were agreed last, and the number of that change; 0 before the first. */
export async function hiredOf(db: Queryable, charterId: string): Promise<{ hired: HiredExtra[]; number: number }> {
  const { rows } = await db.query<{ hired: HiredExtra[]; number: number }>(
    "select hired, number from hired_extras where charter_id = $1 order by number desc limit 1",
    [charterId],
  );
  return rows[0] ?? { hired: [], number: 0 };
}

/** How many of which extras other charters have hired whose stays touch the days of this one's. */
export async function hiredElsewhere(db: Queryable, charterId: string): Promise<{ key: string; count: number }[]> {
  const { rows } = await db.query<{ key: string; count: number }>(
    `select each ->> 'key' as key, (each ->> 'count')::integer as count
     from (select distinct on (h.charter_id) h.charter_id, h.hired from hired_extras h
           where h.charter_id <> $1 and exists (
             select 1 from stay mine join stay theirs on theirs.charter_id = h.charter_id
             where mine.charter_id = $1 and theirs.called_off is null and mine.starts_at < theirs.ends_at and theirs.starts_at < mine.ends_at)
           order by h.charter_id, h.number desc) agreed,
       jsonb_array_elements(agreed.hired) each`,
    [charterId],
  );
  return rows;
}

/** Keeps what a charter hires, on top of the change with a number. Returns false when another came in between; nothing is written then. */
export async function addHired(
  db: Queryable,
  charterId: string,
  { onNumber, hired, by, at }: { onNumber: number; hired: readonly HiredExtra[]; by: string; at: string },
): Promise<boolean> {
  const { rowCount } = await db.query(
    `insert into hired_extras (base_id, charter_id, number, hired, by_person, at) values (current_base(), $1, $2, $3, $4, $5)
     on conflict do nothing`,
    [charterId, onNumber + 1, JSON.stringify(hired), by, at],
  );
  return rowCount === 1;
}
