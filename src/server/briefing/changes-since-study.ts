import "server-only";
import type { StudyAnswer } from "@/core/briefing/study/answer";
import { fileChanges } from "@/core/yacht/changes";
import type { YachtFile } from "@/core/yacht/schema";
import { changeWords } from "@/messages/change-words";
import { englishTranslator, type Translator } from "@/messages/translator";
import type { Queryable } from "../db/pool";
import { yachtFileAt } from "../db/yachts";

/** What has changed in a yacht's file since a skipper studied her, in words; nothing when nothing was studied, or nothing changed. */
export async function changesSinceStudy(
  db: Queryable,
  yachtId: string,
  answers: readonly Pick<StudyAnswer, "revision">[],
  revision: number,
  file: YachtFile,
  t: Translator = englishTranslator(),
): Promise<string[]> {
  const studied = answers.length === 0 ? revision : Math.max(...answers.map((answer) => answer.revision));
  if (studied >= revision) return [];
  const before = await yachtFileAt(db, yachtId, studied);
  return before ? fileChanges(before, file).map((change) => changeWords(t, change)) : [];
}
