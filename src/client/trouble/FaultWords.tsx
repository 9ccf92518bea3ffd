"use client";
import { NextIntlClientProvider, useMessages } from "next-intl";
import { useEffect, useMemo, useState, type ReactNode } from "react";
import type { en } from "@/messages/en";
import { localeOf, type Language } from "@/messages/languages";
import { useLanguage } from "../language/language";

type FaultWords = Pick<typeof en, "lead" | "fault" | "fault-check" | "fault-never">;

const catalogues: Readonly<Record<Language, () => Promise<FaultWords>>> = {
  en: () => import("@/messages/en/faults.json").then((part) => part.default),
  de: () => import("@/messages/de/faults.json").then((part) => part.default as FaultWords),
};

/** Brings the words of faults with them: they are many, and nobody needs them until something is wrong. */
export function WithFaultWords({ children }: { children: ReactNode }) {
  const language = useLanguage();
  const others = useMessages();
  const [loaded, setLoaded] = useState<{ language: Language; words: FaultWords } | null>(null);
  useEffect(() => {
    let gone = false;
    void catalogues[language]().then((words) => {
      if (!gone) setLoaded({ language, words });
    });
    return () => {
      gone = true;
    };
  }, [language]);
  const messages = useMemo(() => loaded && { ...others, ...loaded.words }, [others, loaded]);
  if (!messages || !loaded) return null;
  return (
    <NextIntlClientProvider locale={localeOf[loaded.language] as "en-GB"} messages={messages}>
      {children}
    </NextIntlClientProvider>
  );
}

/** Brings them onto the device before the signal goes. */
export const keepFaultWords = (language: Language): void => void catalogues[language]().catch(() => undefined);
