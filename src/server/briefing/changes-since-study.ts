import "server-only";
import { fileChanges } from "@/core/yacht/changes";
import type { YachtFile } from "@/core/yacht/schema";
import { changeWords } from "@/messages/change-words";
import { englishTranslator, type Translator } from "@/messages/translator";
import type { Queryable } from "../db/pool";
import { yachtFileAt } from "../db/yachts";

/**
 * What has changed in a yacht's file since a skipper studied her, in words; nothing when nothing was studied, or nothing changed.
 *
 * @param studied the revision that was studied last; null for none
 */
export async function changesSinceStudy(
  db: Queryable,
  yachtId: string,
  studied: number | null,
  revision: number,
  file: YachtFile,
  t: Translator = englishTranslator(),
): Promise<string[]> {
  if (studied === null || studied >= revision) return [];
  const before = await yachtFileAt(db, yachtId, studied);
  return before ? fileChanges(before, file).map((change) => changeWords(t, change)) : [];
}
