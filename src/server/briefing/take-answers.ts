import "server-only";
import { digestOf } from "@/core/basics/digest";
import { StudyAnswer } from "@/core/briefing/study/answer";
import { mismatch } from "@/formats/validate";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { addStudyAnswer, studyAnswerHash } from "../db/study";

/** What became of one answer of the study. */
export interface TakenAnswer {
  id: string;
  status: "kept" | "same" | "refused";
  message: string | null;
}

/**
 * Takes answers of a study, each by itself: one that was sent before has no effect again, one with a known id and other
 * content is refused, and a refused one blocks no other.
 */
export async function takeStudyAnswers(
  db: Queryable,
  charterId: string,
  answers: readonly unknown[],
): Promise<TakenAnswer[]> {
  const taken: TakenAnswer[] = [];
  for (const answer of answers) {
    const wrong = mismatch(StudyAnswer, answer);
    if (wrong) {
      taken.push({
        id: String((answer as { id?: unknown } | null)?.id ?? ""),
        status: "refused",
        message: wrong.message,
      });
      continue;
    }
    const sound = answer as StudyAnswer;
    const hash = digestOf(sound);
    const known = await studyAnswerHash(db, sound.id);
    if (known !== null && known !== hash) {
      taken.push({
        id: sound.id,
        status: "refused",
        message: "Another answer has this id already, with other content. Nothing was changed.",
      });
      continue;
    }
    if (known === null) await addStudyAnswer(db, charterId, sound, hash, now());
    taken.push({ id: sound.id, status: known === null ? "kept" : "same", message: null });
  }
  return taken;
}
