"use client";
import { Box } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { putExtra } from "@/api/stays";
import { instantIn } from "@/core/basics/instant";
import { minorDigits, parseMoney } from "@/core/basics/money";
import { priceOf } from "@/core/settlement/prices";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";
import { PricePicker } from "../shared/PricePicker";
import type { ExtraForm } from "./form";

/** A part of the deposit that is kept back until somebody has looked below the water. */
export function BelowWaterForm({ screen, onPut }: ExtraForm) {
  const t = useTranslations("extra");
  const format = useFormatter();
  const { currency, timeZone, prices, stay } = screen;
  const evening = (day: string) => instantIn(day, "18:00", timeZone);
  const form = useDeskForm(putExtra, {
    fields: { amountMinor: { label: t("kept-back", { currency }) }, until: { label: t("until-day") } },
    says: ({ amountMinor, until }) => ({
      amountMinor: !parseMoney(amountMinor, currency) && t("amount-wrong"),
      until: until === "" && t("until-missing"),
    }),
    ask: ({ amountMinor, until }) => ({
      params: { id: stay.stayId },
      body: {
        id: null,
        extra: {
          kind: "below-water" as const,
          amountMinor: parseMoney(amountMinor, currency) ?? 0,
          until: evening(until),
        },
        why: "",
      },
    }),
    onTaken: onPut,
  });
  const { until } = form.typed;
  return (
    <FormFrame form={form} action={t("put")}>
      <p>{t("water-words")}</p>
      <PricePicker
        label={t("from-list")}
        prices={prices}
        group="underwater"
        only
        currency={currency}
        onPick={(item) =>
          form.set(
            "amountMinor",
            (priceOf(item, prices.labourPerHourMinor) / 10 ** minorDigits(currency)).toFixed(minorDigits(currency)),
          )
        }
      />
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-start">
        <Box width="10rem">
          <FormInput form={form} name="amountMinor" inputMode="decimal" />
        </Box>
        <Box width="12rem">
          <FormInput form={form} name="until" type="date" />
        </Box>
      </Box>
      {until !== "" && (
        <p>
          {t("until-words", {
            at: format.dateTime(new Date(evening(until)), {
              weekday: "long",
              day: "numeric",
              month: "long",
              hour: "2-digit",
              minute: "2-digit",
              hourCycle: "h23",
              timeZone,
            }),
          })}
        </p>
      )}
    </FormFrame>
  );
}
