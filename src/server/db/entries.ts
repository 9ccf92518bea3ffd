import "server-only";
import type { Entry } from "@/core/handover/entry";
import { pool, type Queryable } from "./pool";

/** An entry as the feed takes it. */
export interface EntryItem {
  id: string;
  subject: string;
  aspect: string;
  content: Entry;
  hash: string;
}

/** Gives entries the next numbers of a handover's feed, under a lock on its row; one round trip. Answers in the same order. */
export async function appendEntries(
  baseId: string,
  handoverId: string,
  items: readonly EntryItem[],
  receivedAt: string,
): Promise<string[]> {
  const { rows } = await pool().query<{ answers: string[] }>("select append_entries($1, $2, $3, $4) as answers", [
    baseId,
    handoverId,
    JSON.stringify(items),
    receivedAt,
  ]);
  return rows[0]?.answers ?? [];
}

/** Entries of a handover with their numbers, from after a number on. */
export async function entriesAfter(
  db: Queryable,
  handoverId: string,
  after: number,
  limit = 100_000,
): Promise<{ number: number; entry: Entry; receivedAt: string }[]> {
  const { rows } = await db.query<{ number: number; entry: Entry; receivedAt: string }>(
    `select number, content as entry, received_at as "receivedAt" from entry where handover_id = $1 and number > $2 order by number limit $3`,
    [handoverId, after, limit],
  );
  return rows;
}
