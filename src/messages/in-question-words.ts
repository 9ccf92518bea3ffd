import { valueAt } from "@/core/yacht/draft/pointer";
import type { YachtFile } from "@/core/yacht/schema";
import { fieldWords, valueText } from "./change-words";
import type { Translator } from "./translator";

/** What is asked about a text. */
interface Asked {
  path: string;
  code: "figure-differs" | "place-differs" | "says-other" | "names-missing" | "class-text" | "needed-missing";
  fact: string | null;
}

/** A fact of a file as people read it: whose, which, and what stands there. */
export function factWords(t: Translator, file: YachtFile, path: string): string {
  const [, collection = "", key = "", ...field] = path.split("/");
  const own = valueAt(file, `/${collection}/${key}`) as { name?: { en?: string }; title?: { en?: string } } | null;
  const part = collection === "particulars" ? file.particulars.name : (own?.name?.en ?? own?.title?.en ?? key);
  const what = collection === "particulars" ? key : field.join(".");
  const value = valueAt(file, path);
  const place = what === "place" ? file.places[value as string]?.name.en : undefined;
  return what === ""
    ? t("in-question.fact-part", { part })
    : t("in-question.fact", { part, field: fieldWords(what), value: place ?? valueText(t, value) });
}

/** Why a text of a file is in question, in a sentence. */
export function inQuestionWords(t: Translator, file: YachtFile, { path, code, fact }: Asked): string {
  if (code === "needed-missing")
    return valueAt(file, path) === null
      ? t("in-question.not-there", { what: (path.split("/").at(-1) ?? "").replaceAll("-", " ") })
      : t("in-question.needed-missing", { part: partAt(t, file, path) });
  if (fact === path) return t("in-question.translation");
  return fact === null ? t(`in-question.${code}-plain`) : t(`in-question.${code}`, { fact: factWords(t, file, fact) });
}

const partAt = (t: Translator, file: YachtFile, path: string): string => {
  const [, collection = "", key = ""] = path.split("/");
  return valueText(t, valueAt(file, `/${collection}/${key}`) ?? key);
};
