import "server-only";
import { AppError } from "@/api/app-error";
import type { ItemAnswer } from "@/api/schemas/book";
import { digestOf } from "@/core/basics/digest";
import { unknownIn } from "@/core/briefing/drilled/unknown";
import { StudyAnswer } from "@/core/briefing/study/answer";
import { now } from "../clock";
import { stayInHand } from "@/core/charters/in-hand";
import { staysOfCharter } from "../db/charters";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { addStudyAnswer, studyAnswerHash, studyAnswersOf } from "../db/study";
import { findYacht } from "../db/yachts";
import { oneByOne, takeItems } from "./inbox";

/** How many answers a charter's study takes: hundreds of times through it. */
const mostAnswers = 5000;

/**
 * Takes answers of a charter's study. What names a revision that is still to come is refused: it would hide every change until then.
 *
 * @param yacht short name of the yacht that they are of; the one in hand where it is not said
 */
export async function takeStudyAnswers(
  db: Queryable,
  charterId: string,
  answers: readonly unknown[],
  yacht?: string,
): Promise<ItemAnswer[]> {
  await takeTurns(db, `study ${charterId}`);
  const stays = await staysOfCharter(db, charterId);
  const stay = stays.find(({ yachtSlug }) => yachtSlug === yacht) ?? stayInHand(stays);
  if (!stay) throw new AppError("no-such-charter");
  const newest = (await findYacht(db, { id: stay.yachtId }))?.revision ?? 0;
  return takeItems<StudyAnswer>(
    {
      schema: StudyAnswer,
      hashOf: digestOf,
      check: (answer) => {
        if (answer.revision > newest) return new AppError("no-such-revision", { revision: answer.revision });
        const unknown = answer.about === "drill" ? unknownIn(answer) : null;
        return unknown && new AppError("wrong-form", { what: unknown.what }, unknown.where);
      },
      keep: oneByOne<StudyAnswer>(
        (id) => studyAnswerHash(db, id),
        ({ item, hash }) => addStudyAnswer(db, stay, item, hash, now()),
        async () => mostAnswers - (await studyAnswersOf(db, stay.stayId)).length,
      ),
    },
    answers,
  );
}
