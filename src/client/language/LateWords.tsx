"use client";
import { NextIntlClientProvider, useMessages } from "next-intl";
import { useEffect, useMemo, useState, type ReactNode } from "react";
import { localeOf, type Language } from "@/messages/languages";
import { useLanguage } from "./language";

/** Words that are fetched when they are needed, by language. */
export type LateCatalogues = Readonly<Record<Language, () => Promise<object>>>;

/** Brings words with it that are too many to come with every page. */
export function WithLateWords({ catalogues, children }: { catalogues: LateCatalogues; children: ReactNode }) {
  const language = useLanguage();
  const others = useMessages();
  const [loaded, setLoaded] = useState<{ language: Language; words: object } | null>(null);
  useEffect(() => {
    let gone = false;
    void catalogues[language]().then((words) => {
      if (!gone) setLoaded({ language, words });
    });
    return () => {
      gone = true;
    };
  }, [catalogues, language]);
  const messages = useMemo(() => loaded && { ...others, ...loaded.words }, [others, loaded]);
  if (!messages || !loaded) return null;
  return (
    <NextIntlClientProvider locale={localeOf[loaded.language] as "en-GB"} messages={messages}>
      {children}
    </NextIntlClientProvider>
  );
}

/** Brings them onto the device before the signal goes. */
export const keepLateWords = (catalogues: LateCatalogues, language: Language): void =>
  void catalogues[language]().catch(() => undefined);
