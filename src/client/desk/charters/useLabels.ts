"use client";
import { useTranslations } from "next-intl";
import type { AgreedField } from "./agreed-fields";

type Fields = Record<AgreedField, { label: string; typed?: string }>;

/** What the fields of an agreement are called, with what stands in them at first. */
export function useLabels(): (typed: Partial<Record<AgreedField, string>>) => Fields {
  const t = useTranslations("charters");
  const words: Record<AgreedField, string> = {
    yacht: t("yacht"),
    fromDay: t("fromDay"),
    outAt: t("outAt"),
    toDay: t("toDay"),
    backAt: t("backAt"),
    aboard: t("aboard"),
    language: t("language"),
    charterer: t("charterer"),
    chartererEmail: t("email"),
    chartererPhone: t("phone"),
    skipper: t("skipper"),
    skipperEmail: t("email"),
    skipperPhone: t("phone"),
    terms: t("terms"),
    reference: t("reference"),
    why: t("why"),
    told: t("told"),
  };
  return (typed) =>
    Object.fromEntries(
      (Object.keys(words) as AgreedField[]).map((field) => [field, { label: words[field], typed: typed[field] ?? "" }]),
    ) as Fields;
}
