import "server-only";
import type { StudyAnswer } from "@/core/briefing/study/answer";
import type { Queryable } from "./pool";

/**
 * What was said in the studies for some stays, each in order of arrival; by stay. What was understood of another yacht
 * says nothing of this one; who one is and what one asks goes along.
 */
export async function studyAnswersOfAll(
  db: Queryable,
  stayIds: readonly string[],
): Promise<ReadonlyMap<string, StudyAnswer[]>> {
  const { rows } = await db.query<{ stayId: string; content: StudyAnswer }>(
    `select s.id as "stayId", a.content from stay s join study_answer a on a.base_id = s.base_id and a.charter_id = s.charter_id
     where s.id = any($1) and (a.yacht_id = s.yacht_id or a.content ->> 'about' in ('experience', 'question'))
     order by a.received_at, a.id`,
    [stayIds],
  );
  const answers = new Map<string, StudyAnswer[]>(stayIds.map((id) => [id, []]));
  for (const { stayId, content } of rows) answers.get(stayId)?.push(content);
  return answers;
}

/** What was said in the study for a stay, in order of arrival. */
export const studyAnswersOf = async (db: Queryable, stayId: string): Promise<StudyAnswer[]> =>
  (await studyAnswersOfAll(db, [stayId])).get(stayId) ?? [];

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
  { charterId, yachtId }: { charterId: string; yachtId: string },
  answer: StudyAnswer,
  hash: string,
  receivedAt: string,
): Promise<void> {
  await db.query(
    "insert into study_answer (id, base_id, charter_id, yacht_id, content, content_hash, received_at) values ($1, current_base(), $2, $3, $4, $5, $6) on conflict (base_id, id) do nothing",
    [answer.id, charterId, yachtId, JSON.stringify(answer), hash, receivedAt],
  );
}
