import { Type, type Static } from "@sinclair/typebox";
import { usualLanguage } from "./languages";

/** Text a person reads, by language: `{ en: "Bow locker" }`. English is always there. */
export const Words = Type.Record(
  Type.String({ pattern: "^[a-z]{2}$" }),
  Type.String({ minLength: 1, maxLength: 2000 }),
  {
    minProperties: 1,
    required: [usualLanguage],
  },
);
export type Words = Static<typeof Words>;

/**
 * The text in the asked language, or in English where that language is missing.
 *
 * @example localize({ en: "Mast" }, "de") // "Mast"
 */
export function localize(words: Words, language: string = usualLanguage): string {
  return words[language] ?? words[usualLanguage] ?? "";
}
