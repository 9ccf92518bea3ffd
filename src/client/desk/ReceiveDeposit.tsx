"use client";
import { noteDeposit } from "@/api/stays";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { formatMoney, minorDigits, parseMoney } from "@/core/basics/money";
import type { DepositHow } from "@/core/settlement/terms";
import { Field } from "@/ui/Field";
import { Fault } from "./shared/Fault";
import { useRequest } from "../api/useRequest";

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
  const [amount, setAmount] = useState(() => (openMinor / 10 ** digits).toFixed(digits));
  const [reference, setReference] = useState("");
  const [requestKey] = useState(() => crypto.randomUUID());
  const { fault, faultAt, setFault, request } = useRequest(["amountMinor", "reference"]);
  const note = async () => {
    const amountMinor = parseMoney(amount, currency);
    if (amountMinor === null || amountMinor === 0 || amountMinor > openMinor)
      return setFault(t("wrong-amount", { open: formatMoney(openMinor, currency) }), "amountMinor");
    if (reference.trim() === "") return setFault(t("wrong-reference"), "reference");
    const body = { requestKey, amountMinor, reference: reference.trim() };
    await request(noteDeposit, { params: { id: stayId }, body });
  };
  return (
    <Box
      display="grid"
      gap="3"
      justifyItems="start"
      padding="4"
      background="brassGround"
      borderLeftWidth="6px"
      borderLeftStyle="solid"
      borderColor="brass"
    >
      <Field label={t("received-amount", { currency })} error={faultAt("amountMinor")}>
        {(ids) => (
          <input
            {...ids}
            inputMode="decimal"
            autoComplete="off"
            value={amount}
            onChange={(event) => setAmount(event.target.value)}
          />
        )}
      </Field>
      <Field label={t("received-reference", { how })} error={faultAt("reference")}>
        {(ids) => (
          <input
            {...ids}
            maxLength={80}
            autoComplete="off"
            value={reference}
            onChange={(event) => setReference(event.target.value)}
          />
        )}
      </Field>
      <Fault words={fault} />
      <Button variant="solid" size="lg" onClick={() => void note()}>
        {t("receive", { how })}
      </Button>
    </Box>
  );
}
