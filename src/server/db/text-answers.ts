import "server-only";
import type { Queryable } from "./pool";

/** The texts in question that somebody of the base has found to be right, by what their answer rests on. */
export async function answeredTexts(db: Queryable): Promise<ReadonlySet<string>> {
  const { rows } = await db.query<{ basis: string }>("select basis from text_answer");
  return new Set(rows.map(({ basis }) => basis));
}

/** Keeps that somebody has read a text in question and found it right; a second time changes nothing. */
export async function addTextAnswer(
  db: Queryable,
  answer: { basis: string; path: string; code: string; by: string; at: string },
): Promise<void> {
  await db.query(
    `insert into text_answer (base_id, basis, path, code, by_person, at)
     values (current_base(), $1, $2, $3, $4, $5) on conflict (base_id, basis) do nothing`,
    [answer.basis, answer.path, answer.code, answer.by, answer.at],
  );
}
