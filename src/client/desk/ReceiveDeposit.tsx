"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { noteDeposit } from "@/api/stays";
import { formatMoney, minorDigits, parseMoney } from "@/core/basics/money";
import type { DepositHow } from "@/core/settlement/terms";
import { FormFrame } from "../forms/FormFrame";
import { FormInput } from "../forms/FormField";
import { useDeskForm } from "../forms/useDeskForm";

/** Notes what came in of a deposit in cash, by transfer or by guarantee, under the number of its paper. */
export function ReceiveDeposit({
  stayId,
  how,
  openMinor,
  currency,
}: {
  stayId: string;
  how: DepositHow;
  openMinor: number;
  currency: string;
}) {
  const t = useTranslations("charter");
  const digits = minorDigits(currency);
  const [requestKey] = useState(() => crypto.randomUUID());
  const form = useDeskForm(noteDeposit, {
    fields: {
      amountMinor: {
        label: t("received-amount", { currency }),
        typed: (openMinor / 10 ** digits).toFixed(digits),
      },
      reference: { label: t("received-reference", { how }) },
    },
    says: ({ amountMinor, reference }) => {
      const minor = parseMoney(amountMinor, currency);
      return {
        amountMinor:
          (minor === null || minor === 0 || minor > openMinor) &&
          t("wrong-amount", { open: formatMoney(openMinor, currency) }),
        reference: reference.trim() === "" && t("wrong-reference"),
      };
    },
    ask: ({ amountMinor, reference }) => ({
      params: { id: stayId },
      body: { requestKey, amountMinor: parseMoney(amountMinor, currency) ?? 0, reference: reference.trim() },
    }),
  });
  return (
    <Box padding="4" background="brassGround" borderLeftWidth="6px" borderLeftStyle="solid" borderColor="brass">
      <FormFrame form={form} action={t("receive", { how })} large>
        <FormInput form={form} name="amountMinor" inputMode="decimal" />
        <FormInput form={form} name="reference" maxLength={80} />
      </FormFrame>
    </Box>
  );
}
