"use client";
import { useTranslations } from "next-intl";
import { fill } from "@/core/messages/fill";

/** A message's words with what is secret in them named in brackets, as it is shown to people of the base. */
export function useShown(): (words: string) => string {
  const t = useTranslations("outbox");
  return (words) => fill(words, { link: `(${t("name-link")})`, pin: `(${t("name-pin")})` });
}
