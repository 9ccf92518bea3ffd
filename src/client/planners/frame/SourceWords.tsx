import { useFormatter, useTranslations } from "next-intl";
import { isOld, type Source } from "@/core/underway/known";

/** Where a figure comes from and how old it is, in words; old is told as old. */
export function useSourceWords(now: string): (source: Source) => string {
  const t = useTranslations("source");
  const format = useFormatter();
  return (source) => {
    if (source.from === "learned") return t("learned", { days: source.days });
    if (!("at" in source)) return t(source.from);
    const age = format.relativeTime(new Date(source.at), new Date(Math.max(Date.parse(now), Date.parse(source.at))));
    const words = source.from === "feed" ? t("feed", { name: source.name, age }) : t(source.from, { age });
    return isOld(source, now) ? t("old", { words }) : words;
  };
}
