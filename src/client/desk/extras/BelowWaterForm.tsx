"use client";
import { Box, Button, chakra, Input } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import { instantIn } from "@/core/basics/instant";
import { minorDigits, parseMoney } from "@/core/basics/money";
import { priceOf } from "@/core/settlement/prices";
import { Field } from "@/ui/Field";
import { PricePicker } from "../shared/PricePicker";
import type { ExtraForm } from "./form";

/** A part of the deposit that is kept back until somebody has looked below the water. */
export function BelowWaterForm({ screen, busy, faultAt, setFault, onPut }: ExtraForm) {
  const t = useTranslations("extra");
  const format = useFormatter();
  const { currency, timeZone, prices } = screen;
  const [amount, setAmount] = useState("");
  const [day, setDay] = useState("");
  const put = async () => {
    const minor = parseMoney(amount, currency);
    if (minor === null || minor === 0) return setFault(t("amount-wrong"), "amountMinor");
    if (day === "") return setFault(t("until-missing"), "until");
    await onPut({ kind: "below-water", amountMinor: minor, until: instantIn(day, "18:00", timeZone) });
  };
  return (
    <Box display="grid" gap="3" maxWidth="44rem">
      <p>{t("water-words")}</p>
      <PricePicker
        label={t("from-list")}
        prices={prices}
        group="underwater"
        only
        currency={currency}
        onPick={(item) =>
          setAmount(
            (priceOf(item, prices.labourPerHourMinor) / 10 ** minorDigits(currency)).toFixed(minorDigits(currency)),
          )
        }
      />
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        <Box width="10rem">
          <Field label={t("kept-back", { currency })} error={faultAt("amountMinor")}>
            {(ids) => (
              <Input {...ids} inputMode="decimal" value={amount} onChange={(event) => setAmount(event.target.value)} />
            )}
          </Field>
        </Box>
        <Box width="12rem">
          <Field label={t("until-day")} error={faultAt("until")}>
            {(ids) => <Input {...ids} type="date" value={day} onChange={(event) => setDay(event.target.value)} />}
          </Field>
        </Box>
        <Button variant="solid" disabled={busy} onClick={() => void put()}>
          {t("put")}
        </Button>
      </Box>
      {day !== "" && (
        <chakra.p>
          {t("until-words", {
            at: format.dateTime(new Date(instantIn(day, "18:00", timeZone)), {
              weekday: "long",
              day: "numeric",
              month: "long",
              hour: "2-digit",
              minute: "2-digit",
              hourCycle: "h23",
              timeZone,
            }),
          })}
        </chakra.p>
      )}
    </Box>
  );
}
