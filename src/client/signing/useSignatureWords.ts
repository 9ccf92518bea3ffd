"use client";
import { useTranslations } from "next-intl";

/** The words around a signature field. */
export function useSignatureWords() {
  const t = useTranslations("sign");
  return {
    draw: t("draw"),
    type: t("type"),
    clear: t("clear"),
    label: t("label"),
    typedLabel: t("typed-label"),
    pad: t("pad"),
  };
}
