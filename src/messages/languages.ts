import type { Language } from "@/core/basics/languages";

export { isLanguage, languages, type Language } from "@/core/basics/languages";

/** How dates and numbers are written in a language. */
export const localeOf: Readonly<Record<Language, string>> = { en: "en-GB", de: "de-DE" };
