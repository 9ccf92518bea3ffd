import { usualLanguage } from "../../basics/languages";
import type { Words } from "../../basics/words";
import { valueAt } from "../../yacht/draft/pointer";
import { textsOf } from "../../yacht/figures";
import type { YachtFile } from "../../yacht/schema";
import type { Found } from "../finding";

/**
 * Texts whose translation rests on a source that has changed: the source is not what it was in an earlier document, and
 * the translation still is. The fact it is measured against is the source text itself.
 */
export function translationsBehind(file: YachtFile, before: YachtFile): Found[] {
  return textsOf(file).flatMap(({ path }): Found[] => {
    const [is, was] = [valueAt(file, path), valueAt(before, path)] as (Words | null)[];
    if (!is || !was || is[usualLanguage] === was[usualLanguage]) return [];
    const isBehind = Object.entries(is).some(
      ([language, words]) => language !== usualLanguage && was[language] === words,
    );
    return isBehind ? [{ path, code: "class-text", fact: path }] : [];
  });
}
