"use client";
import { NextIntlClientProvider, type Locale } from "next-intl";
import type { ReactNode } from "react";
import { en } from "@/messages/en";

/** The catalogue for the desk: it comes as a script that the browser keeps, not anew with every page. */
export function DeskMessages({ locale, children }: { locale: Locale; children: ReactNode }) {
  return (
    <NextIntlClientProvider locale={locale} messages={en} timeZone="UTC">
      {children}
    </NextIntlClientProvider>
  );
}
