import "server-only";
import { isLanguage, type Language } from "@/messages/languages";
import { usualLanguage } from "@/core/basics/languages";

/** The language that a caller reads: the first of its Accept-Language that there are words in, else English. */
export function languageOf(request: Request): Language {
  const asked = (request.headers.get("accept-language") ?? "").split(",").map((part) => part.trim().slice(0, 2));
  return asked.find(isLanguage) ?? usualLanguage;
}
