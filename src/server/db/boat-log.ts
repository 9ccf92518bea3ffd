import "server-only";
import type { LogEntry } from "@/core/underway/log/entry";
import type { Queryable } from "./pool";

/** What was told of some stays under way, each in order of arrival; by stay. */
export async function boatLogOfAll(
  db: Queryable,
  stayIds: readonly string[],
): Promise<ReadonlyMap<string, LogEntry[]>> {
  const { rows } = await db.query<{ stayId: string; content: LogEntry }>(
    `select stay_id as "stayId", content from boat_log where stay_id = any($1) order by number`,
    [stayIds],
  );
  const log = new Map<string, LogEntry[]>(stayIds.map((id) => [id, []]));
  for (const { stayId, content } of rows) log.get(stayId)?.push(content);
  return log;
}

/** What was told of a stay under way, in order of arrival. */
export const boatLogOf = async (db: Queryable, stayId: string): Promise<LogEntry[]> =>
  (await boatLogOfAll(db, [stayId])).get(stayId) ?? [];

/** The hash of an entry that is kept under an id, or null. */
export async function logEntryHash(db: Queryable, id: string): Promise<string | null> {
  const { rows } = await db.query<{ hash: string }>("select content_hash as hash from boat_log where id = $1", [id]);
  return rows[0]?.hash ?? null;
}

/** Keeps an entry for good; one that is there already is left alone. */
export async function addLogEntry(
  db: Queryable,
  stayId: string,
  entry: LogEntry,
  hash: string,
  receivedAt: string,
): Promise<void> {
  await db.query(
    `insert into boat_log (id, base_id, stay_id, kind, content, content_hash, received_at)
     values ($1, current_base(), $2, $3, $4, $5, $6) on conflict (base_id, id) do nothing`,
    [entry.id, stayId, entry.kind, JSON.stringify(entry), hash, receivedAt],
  );
}

/** When each call of some stays reached the base, by the id of its entry. */
export async function callsReceived(db: Queryable, stayIds: readonly string[]): Promise<ReadonlyMap<string, string>> {
  const { rows } = await db.query<{ id: string; at: string }>(
    "select id, received_at as at from boat_log where stay_id = any($1) and kind = 'trouble-call'",
    [stayIds],
  );
  return new Map(rows.map(({ id, at }) => [id, at]));
}
