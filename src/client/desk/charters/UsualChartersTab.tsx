"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { keepUsualCharters } from "@/api/charters";
import type { UsualCharters } from "@/core/charters/agreed";
import { formatMoney } from "@/core/basics/money";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";
import { KeptList, useStamp } from "../lists/KeptList";
import { DeskPart } from "../shared/DeskPart";
import { useMay } from "../shared/staff";
import { TermsDialog } from "./TermsDialog";

interface Props {
  charters: UsualCharters;
  number: number;
  last: { by: string; at: string } | null;
  currency: string;
  timeZone: string;
}

/** What is usual in the charters of the base: terms by name, and the hours of going out and coming back. */
export function UsualChartersTab(props: Props) {
  const { charters, last, currency, timeZone } = props;
  const t = useTranslations("charters");
  const stamp = useStamp(timeZone);
  const mayKeep = useMay("settle-prices");
  const [open, setOpen] = useState<{ key: string | null } | null>(null);
  const money = (minor: number) => formatMoney(minor, currency);
  return (
    <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1.7fr 1fr" }} gap="5" alignItems="start">
      <Box display="grid" gap="3" minWidth="0">
        <KeptList
          title={t("tab")}
          about={t("tab-about")}
          columns={[t("column-name"), t("column-deposit"), t("column-waiver"), t("column-fuel")]}
          rows={Object.entries(charters.templates).map(([key, { name, terms }]) => ({
            key,
            cells: [
              name,
              terms.deposit.amountMinor > 0
                ? `${money(terms.deposit.amountMinor)}, ${t(`how-${terms.deposit.how}`)}`
                : t(`how-${terms.deposit.how}`),
              terms.waiver === null ? t("waiver-none") : t("waiver-words", { excess: money(terms.waiver.excessMinor) }),
              t(`fuel-${terms.settlement.fuel.rule}`),
            ],
            opens: t("change-it", { name }),
          }))}
          words={{ add: t("add"), change: t("change"), notYours: t("tab-not-yours") }}
          empty={null}
          mayKeep={mayKeep}
          onOpen={(key) => setOpen({ key })}
        />
        {last && <p>{t("tab-last", { by: last.by, at: stamp(last.at) })}</p>}
      </Box>
      <Hours {...props} mayKeep={mayKeep} />
      {open && <TermsDialog {...props} of={open.key} onClose={() => setOpen(null)} />}
    </Box>
  );
}

function Hours({ charters, number, mayKeep }: Props & { mayKeep: boolean }) {
  const t = useTranslations("charters");
  const form = useDeskForm(keepUsualCharters, {
    fields: {
      outAt: { label: t("fromDay"), typed: charters.outAt },
      backAt: { label: t("toDay"), typed: charters.backAt },
      turnRoundHours: { label: t("turnRoundHours"), typed: String(charters.turnRoundHours) },
    },
    says: ({ turnRoundHours }) => ({
      turnRoundHours: /^\d{1,2}$/.test(turnRoundHours.trim()) ? null : t("number-wrong"),
    }),
    ask: ({ outAt, backAt, turnRoundHours }) => ({
      body: { onNumber: number, charters: { ...charters, outAt, backAt, turnRoundHours: Number(turnRoundHours) } },
    }),
  });
  return (
    <DeskPart title={t("tab-hours")} isFirst>
      <FormFrame form={form} action={t("save")} disabled={!mayKeep}>
        <FormInput form={form} name="outAt" type="time" disabled={!mayKeep} />
        <FormInput form={form} name="backAt" type="time" disabled={!mayKeep} />
        <FormInput form={form} name="turnRoundHours" inputMode="numeric" maxLength={2} disabled={!mayKeep} />
      </FormFrame>
    </DeskPart>
  );
}
