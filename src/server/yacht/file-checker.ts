import "server-only";
import { checkFile, type CheckedFinding, type FileChecker } from "@/core/checks";
import { digestOf } from "@/core/basics/digest";
import { questionsOf, type Question } from "@/core/truth/questions";
import type { YachtFile } from "@/core/yacht/schema";
import { inQuestionWords } from "@/messages/in-question-words";
import { englishTranslator } from "@/messages/translator";
import { todayAtBase } from "../base/today";
import type { Queryable } from "../db/pool";
import { answeredTexts } from "../db/text-answers";

/** Questions of documents that were looked at lately: an editor asks for the same ones every few seconds. */
const kept = new Map<string, Question[]>();
const mostKept = 60;

function questionsAbout(file: YachtFile, before: readonly YachtFile[]): Question[] {
  const key = digestOf({ file, before });
  const known = kept.get(key) ?? questionsOf(file, before);
  kept.delete(key);
  kept.set(key, known);
  for (const oldest of kept.keys()) {
    if (kept.size <= mostKept) break;
    kept.delete(oldest);
  }
  return known;
}

/** What the checks find in a file, and its texts in question but for those that somebody has found to be right. */
export async function fileChecker(db: Queryable): Promise<FileChecker> {
  const [today, answered] = [await todayAtBase(db), await answeredTexts(db)];
  const t = englishTranslator();
  return (file, before) => [
    ...checkFile(file, today),
    ...questionsAbout(file, before)
      .filter(({ basis }) => !answered.has(basis))
      .map((question): CheckedFinding => ({
        check: "text-in-question",
        level: question.blocks ? "error" : "warning",
        path: question.path,
        message: inQuestionWords(t, file, question),
        question: { code: question.code, fact: question.fact, basis: question.basis },
      }))
      .sort((a, b) => (a.level === b.level ? 0 : a.level === "error" ? -1 : 1)),
  ];
}
