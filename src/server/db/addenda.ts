import "server-only";
import type { Addendum } from "@/core/handover/addenda/addendum";
import type { Entry } from "@/core/handover/entry";
import type { Queryable } from "./pool";

/** Addenda that people made on purpose to a handover's record, in the order they came in, with when they did. */
export async function addendaTo(
  db: Queryable,
  handoverId: string,
): Promise<{ addendum: Addendum; receivedAt: string; by: string | null }[]> {
  const { rows } = await db.query<{ addendum: Addendum; receivedAt: string; by: string | null }>(
    `select a.content as addendum, a.received_at as "receivedAt", p.name as by from addendum a left join person p on p.id = a.made_by
     where a.handover_id = $1 and a.kind not in ('late-entry', 'correction') order by a.received_at, a.id`,
    [handoverId],
  );
  return rows;
}

/** The hash of what is kept under an addendum's id, or null. */
export async function addendumHashOf(db: Queryable, id: string): Promise<string | null> {
  return (
    (await db.query<{ hash: string }>("select content_hash as hash from addendum where id = $1", [id])).rows[0]?.hash ??
    null
  );
}

/** How many addenda people have made to a record. */
export async function countAddenda(db: Queryable, handoverId: string): Promise<number> {
  const { rows } = await db.query<{ count: number }>(
    "select count(*) from addendum where handover_id = $1 and kind <> 'late-entry'",
    [handoverId],
  );
  return rows[0]?.count ?? 0;
}

/** Keeps an addendum. */
export async function addAddendum(db: Queryable, addendum: Addendum, hash: string, receivedAt: string): Promise<void> {
  await db.query(
    `insert into addendum (id, base_id, handover_id, kind, content, content_hash, made_at, received_at, made_by) values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8)`,
    [
      addendum.id,
      addendum.handover,
      addendum.kind,
      JSON.stringify(addendum),
      hash,
      addendum.at,
      receivedAt,
      addendum.by.person,
    ],
  );
}

/** Whether something under an id was added to a handover's record. */
export async function isAddendumOf(db: Queryable, id: string, handoverId: string): Promise<boolean> {
  const { rowCount } = await db.query("select 1 from addendum where id = $1 and handover_id = $2", [id, handoverId]);
  return (rowCount ?? 0) > 0;
}

/** Entries of a handover that came after a signature. */
export async function lateEntries(db: Queryable, handoverId: string): Promise<Entry[]> {
  const { rows } = await db.query<{ entry: Entry }>(
    "select content as entry from addendum where handover_id = $1 and kind = 'late-entry'",
    [handoverId],
  );
  return rows.map(({ entry }) => entry);
}

/** Keeps an entry that came after the signature beside the record. */
export async function addLateEntry(
  db: Queryable,
  handoverId: string,
  entry: Entry,
  hash: string,
  receivedAt: string,
): Promise<void> {
  await db.query(
    `insert into addendum (id, base_id, handover_id, kind, content, content_hash, made_at, received_at, made_by)
     values ($1, current_base(), $2, 'late-entry', $3, $4, $5, $6, $7)`,
    [entry.id, handoverId, JSON.stringify(entry), hash, entry.at, receivedAt, entry.by.person],
  );
}
