"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { putExtra } from "@/api/stays";
import { minorDigits, parseMoney } from "@/core/basics/money";
import { priceOf } from "@/core/settlement/prices";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";
import { PricePicker } from "../shared/PricePicker";
import type { ExtraForm } from "./form";

/** A service from the price list, or one of its own. */
export function ServiceForm({ screen, onPut }: ExtraForm) {
  const t = useTranslations("extra");
  const { prices, currency, stay } = screen;
  const form = useDeskForm(putExtra, {
    fields: { words: { label: t("words") }, amountMinor: { label: t("amount", { currency }) } },
    says: ({ words, amountMinor }) => ({
      words: words.trim() === "" && t("words-missing"),
      amountMinor: !parseMoney(amountMinor, currency) && t("amount-wrong"),
    }),
    ask: ({ words, amountMinor }) => ({
      params: { id: stay.stayId },
      body: {
        id: null,
        extra: { kind: "service" as const, words: words.trim(), amountMinor: parseMoney(amountMinor, currency) ?? 0 },
        why: "",
      },
    }),
    onTaken: onPut,
  });
  return (
    <FormFrame form={form} action={t("put")}>
      <PricePicker
        label={t("from-list")}
        prices={prices}
        group="service"
        only
        currency={currency}
        onPick={(item) => {
          form.set("words", item.words);
          form.set(
            "amountMinor",
            (priceOf(item, prices.labourPerHourMinor) / 10 ** minorDigits(currency)).toFixed(minorDigits(currency)),
          );
        }}
      />
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-start">
        <Box flex="1 1 16rem">
          <FormInput form={form} name="words" maxLength={200} />
        </Box>
        <Box width="9rem">
          <FormInput form={form} name="amountMinor" inputMode="decimal" />
        </Box>
      </Box>
    </FormFrame>
  );
}
