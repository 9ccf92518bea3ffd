import { useLocale } from "next-intl";
import { useCallback } from "react";
import { formatMoney } from "@/core/basics/money";

/** Says sums of a currency as people write them in the language of the page. */
export function useMoney(currency: string): (minor: number) => string {
  const locale = useLocale();
  return useCallback((minor: number) => formatMoney(minor, currency, locale), [currency, locale]);
}
