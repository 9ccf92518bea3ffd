import "server-only";
import { createHash } from "node:crypto";
import { LRUCache } from "lru-cache";
import { checkFile, type CheckedFinding, type FileChecker } from "@/core/checks";
import { questionsOf, type Question } from "@/core/truth/questions";
import type { YachtFile } from "@/core/yacht/schema";
import { inQuestionWords } from "@/messages/in-question-words";
import { englishTranslator } from "@/messages/translator";
import { todayAtBase } from "../base/today";
import type { Queryable } from "../db/pool";
import { answeredTexts } from "../db/text-answers";

/** What was found in files that were looked at lately: an editor asks for the same ones every few seconds. */
const kept = new LRUCache<string, { findings: CheckedFinding[]; questions: Question[] }>({ max: 60 });

function foundIn(file: YachtFile, before: readonly YachtFile[], today: string) {
  // not the canonical digest, which takes as long as the checks: the same words in another order are only looked at anew
  const key = createHash("sha256")
    .update(JSON.stringify([file, before, today]))
    .digest("base64");
  const known = kept.get(key) ?? { findings: checkFile(file, today), questions: questionsOf(file, before) };
  kept.set(key, known);
  return known;
}

/** What the checks find in a file, and its texts in question but for those that somebody has found to be right. */
export async function fileChecker(db: Queryable): Promise<FileChecker> {
  const [today, answered] = [await todayAtBase(db), await answeredTexts(db)];
  const t = englishTranslator();
  return (file, before) => {
    const { findings, questions } = foundIn(file, before, today);
    const open = questions
      .filter(({ basis }) => !answered.has(basis))
      .map((question): CheckedFinding => ({
        check: "text-in-question",
        level: question.blocks ? "error" : "warning",
        path: question.path,
        message: inQuestionWords(t, file, question),
        question: { code: question.code, fact: question.fact, basis: question.basis },
      }))
      .sort((a, b) => (a.level === b.level ? 0 : a.level === "error" ? -1 : 1));
    return [...findings, ...open];
  };
}
