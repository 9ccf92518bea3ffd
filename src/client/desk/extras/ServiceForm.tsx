"use client";
import { Box, Button, Input } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { minorDigits, parseMoney } from "@/core/basics/money";
import { priceOf } from "@/core/settlement/prices";
import { Field } from "@/ui/Field";
import { PricePicker } from "../shared/PricePicker";
import type { ExtraForm } from "./form";

/** A service from the price list, or one of its own. */
export function ServiceForm({ screen, busy, faultAt, setFault, onPut }: ExtraForm) {
  const t = useTranslations("extra");
  const { prices, currency } = screen;
  const [words, setWords] = useState("");
  const [amount, setAmount] = useState("");
  const put = async () => {
    const minor = parseMoney(amount, currency);
    if (words.trim() === "") return setFault(t("words-missing"), "words");
    if (minor === null || minor === 0) return setFault(t("amount-wrong"), "amountMinor");
    await onPut({ kind: "service", words: words.trim(), amountMinor: minor });
  };
  return (
    <Box display="grid" gap="3" maxWidth="44rem">
      <PricePicker
        label={t("from-list")}
        prices={prices}
        group="service"
        only
        currency={currency}
        onPick={(item) => {
          setWords(item.words);
          setAmount(
            (priceOf(item, prices.labourPerHourMinor) / 10 ** minorDigits(currency)).toFixed(minorDigits(currency)),
          );
        }}
      />
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        <Box flex="1 1 16rem">
          <Field label={t("words")} error={faultAt("words")}>
            {(ids) => (
              <Input {...ids} maxLength={200} value={words} onChange={(event) => setWords(event.target.value)} />
            )}
          </Field>
        </Box>
        <Box width="9rem">
          <Field label={t("amount", { currency })} error={faultAt("amountMinor")}>
            {(ids) => (
              <Input {...ids} inputMode="decimal" value={amount} onChange={(event) => setAmount(event.target.value)} />
            )}
          </Field>
        </Box>
        <Button variant="solid" disabled={busy} onClick={() => void put()}>
          {t("put")}
        </Button>
      </Box>
    </Box>
  );
}
