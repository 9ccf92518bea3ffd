import { createTranslator, type useTranslations } from "next-intl";
import { en } from "./en";

/** A function that says a message of the catalogue by its key. */
export type Translator = ReturnType<typeof useTranslations<never>>;

/** The English translator outside React: for PDF, exports and the demo. The demo base has English alone. */
export function englishTranslator(): Translator {
  return createTranslator({ locale: "en-GB", messages: en }) as unknown as Translator;
}
