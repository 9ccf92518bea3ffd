import "server-only";
import type { StudyAnswer } from "@/core/briefing/study/answer";
import type { Queryable } from "./pool";

/** What was said in the studies of charters, each in order of arrival; by charter. */
export async function studyAnswersOfAll(
  db: Queryable,
  charterIds: readonly string[],
): Promise<ReadonlyMap<string, StudyAnswer[]>> {
  const { rows } = await db.query<{ charterId: string; content: StudyAnswer }>(
    `select charter_id as "charterId", content from study_answer where charter_id = any($1) order by received_at, id`,
    [charterIds],
  );
  const answers = new Map<string, StudyAnswer[]>(charterIds.map((id) => [id, []]));
  for (const { charterId, content } of rows) answers.get(charterId)?.push(content);
  return answers;
}

/** What was said in a charter's study, in order of arrival. */
export const studyAnswersOf = async (db: Queryable, charterId: string): Promise<StudyAnswer[]> =>
  (await studyAnswersOfAll(db, [charterId])).get(charterId) ?? [];

/** The hash of an answer that is kept under an id, or null. */
export async function studyAnswerHash(db: Queryable, id: string): Promise<string | null> {
  return (
    (await db.query<{ hash: string }>("select content_hash as hash from study_answer where id = $1", [id])).rows[0]
      ?.hash ?? null
  );
}

/** Keeps an answer for good; one that is there already is left alone. */
export async function addStudyAnswer(
  db: Queryable,
  charterId: string,
  answer: StudyAnswer,
  hash: string,
  receivedAt: string,
): Promise<void> {
  await db.query(
    "insert into study_answer (id, base_id, charter_id, content, content_hash, received_at) values ($1, current_base(), $2, $3, $4, $5) on conflict (base_id, id) do nothing",
    [answer.id, charterId, JSON.stringify(answer), hash, receivedAt],
  );
}
