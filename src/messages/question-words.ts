import type { OptionWords, Question } from "@/core/briefing/questions";
import type { Translator } from "./translator";

/** A question of the study in words. */
export function questionWords(t: Translator, { ask, values }: Pick<Question, "ask" | "values">): string {
  return t(`check.${ask as "chain-mark"}`, values as never);
}

/** An option of a question: out of the yacht's file, or out of the catalogue. */
export function optionWords(t: Translator, words: OptionWords): string {
  return "text" in words ? words.text : t(`check.${words.key as "seconds"}`, words.values as never);
}
