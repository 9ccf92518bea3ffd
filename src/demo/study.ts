import { v7 as uuid } from "uuid";
import { questionsOf } from "../core/briefing/questions";
import type { StudyAnswer } from "../core/briefing/study/answer";
import type { YachtFile } from "../core/yacht/schema";
import type { Said } from "../core/briefing/study/said";
import type { ScriptedStudy } from "./scenario";

/** Plays a scripted study: every question answered rightly but for those that the script names. */
export function playStudy(file: YachtFile, revision: number, script: ScriptedStudy, startedAt: string): StudyAnswer[] {
  let at = Date.parse(startedAt);
  const answer = (said: Said): StudyAnswer => ({
    v: 1,
    id: uuid(),
    revision,
    at: new Date((at += 20_000)).toISOString(),
    ...said,
  });
  return [
    answer({ about: "experience", value: script.experience }),
    ...questionsOf(file).map((question) => {
      const other = question.options.find((option) => option.id !== question.right)?.id ?? question.right;
      return answer({
        about: "check",
        question: question.id,
        value: script.wrong.includes(question.id) ? other : question.right,
      });
    }),
    ...script.understood.map((topic) => answer({ about: "topic", topic, value: "understood" })),
    ...script.ask.map((topic) => answer({ about: "topic", topic, value: "ask" })),
    ...script.questions.map(({ topic, words }) => answer({ about: "question", topic, value: words })),
  ];
}
