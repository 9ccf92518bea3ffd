"use client";
import { useTranslations } from "next-intl";
import type { DepositView, TodayRow } from "@/api/schemas/desk";
import { formatMoney } from "@/core/basics/money";
import { notedByHand } from "@/core/settlement/terms";
import { GiveBack } from "./charters/GiveBack";
import { HoldDeposit } from "./HoldDeposit";
import { ReceiveDeposit } from "./ReceiveDeposit";
import { DeskPart, Pair } from "./shared/DeskPart";
import { Allowed } from "./shared/staff";

interface Props {
  row: TodayRow;
  deposit: readonly DepositView[];
  currency: string;
  at: (instant: string) => string;
}

/** A charter's money terms, what has moved of the deposit, and the taking of it. */
export function CharterMoney({ row: { stay, next }, deposit, currency, at }: Props) {
  const t = useTranslations();
  const money = (minor: number) => formatMoney(minor, currency);
  const { terms } = stay;
  return (
    <DeskPart title={t("charter.money")}>
      <Pair label={t("charter.deposit")}>
        {money(terms.deposit.amountMinor)}, {t(`charter.how-${terms.deposit.how}`)}
      </Pair>
      <Pair label={t("charter.held")}>{money(stay.heldMinor)}</Pair>
      <Pair label={t("charter.waiver")}>
        {terms.waiver ? t("charter.waiver-words", { excess: money(terms.waiver.excessMinor) }) : t("charter.no-waiver")}
      </Pair>
      {deposit.map((event) => (
        <p key={`${event.kind} ${event.at} ${event.amountMinor}`}>
          {at(event.at)}: {money(event.amountMinor)} {t(`deposit.${event.kind}`, { how: terms.deposit.how })}{" "}
          {event.reference}
        </p>
      ))}
      {stay.calledOff !== null && stay.heldMinor > 0 && <GiveBack stayId={stay.stayId} held={money(stay.heldMinor)} />}
      {next === "hold-deposit" && (
        <Allowed action="take-deposit">
          {notedByHand(terms.deposit.how) ? (
            <ReceiveDeposit
              key={stay.heldMinor}
              stayId={stay.stayId}
              how={terms.deposit.how}
              openMinor={terms.deposit.amountMinor - stay.heldMinor}
              currency={currency}
            />
          ) : (
            <HoldDeposit stayId={stay.stayId} amount={money(terms.deposit.amountMinor)} />
          )}
        </Allowed>
      )}
    </DeskPart>
  );
}
