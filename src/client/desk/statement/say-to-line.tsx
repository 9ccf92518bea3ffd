"use client";
import { agreeSum, objectToLine } from "@/api/stays";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { AfterItem } from "@/api/schemas/desk";
import { parseMoney } from "@/core/basics/money";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";

interface Said {
  stayId: string;
  line: AfterItem;
  onDone: () => void;
}

/** What the charterer says against a line, noted at the desk. */
export function ObjectForm({ stayId, line, onDone }: Said) {
  const t = useTranslations("since");
  const form = useDeskForm(objectToLine, {
    fields: { words: { label: t("words-objections") } },
    says: ({ words }) => ({ words: words.trim() === "" && t("words-missing") }),
    ask: ({ words }) => ({ params: { id: stayId }, body: { line: line.id, words: words.trim() } }),
    onTaken: onDone,
  });
  return (
    <FormFrame form={form} action={t("keep")} beside={<Button onClick={onDone}>{t("back")}</Button>}>
      <FormInput form={form} name="words" maxLength={1000} autoFocus />
    </FormFrame>
  );
}

/** The sum that was agreed on in the end, never more than stood. */
export function AgreeForm({ stayId, line, onDone, currency, most }: Said & { currency: string; most: string }) {
  const t = useTranslations("since");
  const minorOf = (amount: string) => (amount.trim() === "0" ? 0 : parseMoney(amount, currency));
  const form = useDeskForm(agreeSum, {
    fields: { amountMinor: { label: t("final", { currency }) }, words: { label: t("words-outcomes") } },
    says: ({ amountMinor, words }) => {
      const minor = minorOf(amountMinor);
      return {
        amountMinor: (minor === null || minor > line.atMostMinor) && t("amount-wrong", { most }),
        words: words.trim() === "" && t("words-missing"),
      };
    },
    ask: ({ amountMinor, words }) => ({
      params: { id: stayId },
      body: { line: line.id, amountMinor: minorOf(amountMinor) ?? 0, words: words.trim() },
    }),
    onTaken: onDone,
  });
  return (
    <FormFrame form={form} action={t("keep")} beside={<Button onClick={onDone}>{t("back")}</Button>}>
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-start">
        <Box width="10rem">
          <FormInput form={form} name="amountMinor" inputMode="decimal" autoFocus />
        </Box>
        <Box flex="1 1 16rem">
          <FormInput form={form} name="words" maxLength={500} />
        </Box>
      </Box>
    </FormFrame>
  );
}
