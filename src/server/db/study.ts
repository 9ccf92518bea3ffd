import "server-only";
import type { StudyAnswer } from "@/core/briefing/study/answer";
import type { Queryable } from "./pool";

/** What was said in a charter's study, in order of arrival. */
export async function studyAnswersOf(db: Queryable, charterId: string): Promise<StudyAnswer[]> {
  const { rows } = await db.query<{ content: StudyAnswer }>(
    "select content from study_answer where charter_id = $1 order by received_at, id",
    [charterId],
  );
  return rows.map((row) => row.content);
}

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
