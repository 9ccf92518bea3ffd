import "server-only";
import type { ItemAnswer } from "@/api/schemas/book";
import { digestOf } from "@/core/basics/digest";
import { StudyAnswer } from "@/core/briefing/study/answer";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { addStudyAnswer, studyAnswerHash, studyAnswersOf } from "../db/study";
import { oneByOne, takeItems } from "./inbox";

/** How many answers a charter's study takes: hundreds of times through it. */
const mostAnswers = 5000;

/** Takes answers of a charter's study. */
export const takeStudyAnswers = (
  db: Queryable,
  charterId: string,
  answers: readonly unknown[],
): Promise<ItemAnswer[]> =>
  takeItems<StudyAnswer>(
    {
      schema: StudyAnswer,
      hashOf: digestOf,
      check: () => null,
      keep: oneByOne<StudyAnswer>(
        (id) => studyAnswerHash(db, id),
        ({ item, hash }) => addStudyAnswer(db, charterId, item, hash, now()),
        async () => mostAnswers - (await studyAnswersOf(db, charterId)).length,
      ),
    },
    answers,
  );
