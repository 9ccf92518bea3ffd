"use client";
import { useTranslations } from "next-intl";
import { formatMoney } from "@/core/basics/money";
import type { CharterTerms } from "@/core/settlement/terms";

/** Deposit and waiver of some terms, in one line. */
export function useTermsWords(currency: string): (terms: CharterTerms) => string {
  const t = useTranslations("charters");
  const money = (minor: number) => formatMoney(minor, currency);
  return ({ deposit, waiver }) => {
    const { how, amountMinor } = deposit;
    const said =
      how === "none" || how === "insured"
        ? t(`terms-${how}`)
        : t("terms-deposit", { amount: money(amountMinor), how: t(`how-${how}`) });
    return waiver === null ? said : t("terms-waiver", { deposit: said, excess: money(waiver.excessMinor) });
  };
}
