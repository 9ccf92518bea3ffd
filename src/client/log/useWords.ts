"use client";
import { useTranslations } from "next-intl";
import { fieldWords } from "@/messages/change-words";

/** Words of the log for what has a name in the catalogue; for what has none, as after a change of version, the name itself. */
export function useWords() {
  const t = useTranslations();
  return (group: "deed" | "deed-on", name: string): string => {
    const key = `${group}.${name}` as "deed.house";
    return t.has(key) ? t(key) : fieldWords(name.replaceAll(/[-_]/g, " "));
  };
}
