import { createTranslator, type useTranslations } from "next-intl";
import { laidOver } from "./catalogue";
import { de } from "./de";
import { drillCatalogues } from "./drills";
import { en } from "./en";
import { faultCatalogues } from "./faults";
import { localeOf, type Language } from "./languages";
import { usualLanguage } from "@/core/basics/languages";

/** A function that says a message of the catalogue by its key. */
export type Translator = ReturnType<typeof useTranslations<never>>;

const catalogues = { en, de: laidOver(en, { ...de, ...drillCatalogues.de, ...faultCatalogues.de }) };

/** The translator of a language outside React: for what the base itself says, PDF and exports. What is missing in a language is English. */
export const translatorOf = (language: Language): Translator =>
  createTranslator({
    locale: localeOf[language] as "en-GB",
    messages: catalogues[language],
  }) as unknown as Translator;

/** The translator for the base's own people. */
export const englishTranslator = (): Translator => translatorOf(usualLanguage);
