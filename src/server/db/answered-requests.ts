import "server-only";
import type { Queryable } from "./pool";

/** What a request was answered before, or null. */
export async function answeredBefore(db: Queryable, asked: string): Promise<{ answer: unknown } | null> {
  const { rows } = await db.query<{ answer: unknown }>("select answer from answered_request where asked = $1", [asked]);
  return rows[0] ?? null;
}

/** Keeps what a request was answered, and forgets what nobody asks for again. */
export async function keepAnswer(db: Queryable, asked: string, answer: unknown, at: string): Promise<void> {
  await db.query("delete from answered_request where at < $1::timestamptz - interval '2 days'", [at]);
  await db.query("insert into answered_request (base_id, asked, answer, at) values (current_base(), $1, $2, $3)", [
    asked,
    JSON.stringify(answer),
    at,
  ]);
}
