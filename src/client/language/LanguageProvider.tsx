"use client";
import { NextIntlClientProvider, useMessages } from "next-intl";
import { useEffect, useMemo, useState, type ReactNode } from "react";
import { laidOver } from "@/messages/catalogue";
import type { en } from "@/messages/en";
import { localeOf, type Language } from "@/messages/languages";
import { useLanguage } from "./language";
import { usualLanguage } from "@/core/basics/languages";

type Words = Readonly<Record<string, Readonly<Record<string, string>>>>;

/** Each language's words but English, which comes with the page; another one comes when it is chosen, and is kept with the pages. */
const catalogues: Readonly<Partial<Record<Language, () => Promise<Words>>>> = {
  de: () => import("@/messages/de").then((part) => part.de),
};

/** Says everything inside in the language of this device: English until the other words are here. */
export function LanguageProvider({ children }: { children: ReactNode }) {
  const chosen = useLanguage();
  const english = useMessages();
  const [loaded, setLoaded] = useState<{ language: Language; words: Words } | null>(null);
  useEffect(() => {
    let gone = false;
    void catalogues[chosen]?.().then((words) => {
      if (!gone) setLoaded({ language: chosen, words });
    });
    return () => {
      gone = true;
    };
  }, [chosen]);
  const words = loaded?.language === chosen ? loaded.words : null;
  const language = words === null ? usualLanguage : chosen;
  const messages = useMemo(() => (words === null ? english : laidOver(english as typeof en, words)), [english, words]);
  useEffect(() => {
    document.documentElement.lang = language;
    return () => {
      document.documentElement.lang = usualLanguage;
    };
  }, [language]);
  return (
    <NextIntlClientProvider locale={localeOf[language] as "en-GB"} messages={messages}>
      {children}
    </NextIntlClientProvider>
  );
}
