import type { StudyAnswer } from "./answer";

/** What an answer of the study is about and what it says; id, time and revision are added when it is kept. */
export type Said = StudyAnswer extends infer Answer
  ? Answer extends StudyAnswer
    ? Omit<Answer, "v" | "id" | "revision" | "at">
    : never
  : never;
