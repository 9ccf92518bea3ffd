"use client";
import { chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { moveCharter } from "@/api/charters";
import { daysIn } from "@/core/charters/days";
import { Dialog } from "@/ui/kit/Dialog";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";
import { Effects } from "../charters/Effects";
import { useForesight } from "../charters/useForesight";
import type { Moving } from "./useMoving";

interface Props {
  moving: Moving;
  yacht: { was: string; becomes: string };
  timeZone: string;
  currency: string;
  at: (instant: string) => string;
  onClose: () => void;
}

/** Asks for the reason of a move, and tells what it does, before it is made. */
export function MoveDialog({ moving: { stay, to }, yacht, timeZone, currency, at, onClose }: Props) {
  const t = useTranslations("calendar");
  const charters = useTranslations("charters");
  const common = useTranslations("common");
  const days = daysIn(to.startsAt, to.endsAt, timeZone);
  const foresight = useForesight(stay.id, { yacht: to.yacht, ...days, aboard: stay.aboard });
  const form = useDeskForm(moveCharter, {
    fields: { why: { label: charters("why") }, told: { label: charters("told") } },
    ask: ({ why, told }) => ({
      params: { id: stay.id },
      body: { yacht: to.yacht, ...days, onNumber: stay.onNumber, why: why.trim(), told: told.trim() },
    }),
    onTaken: onClose,
  });
  return (
    <Dialog title={t("move-title", { reference: stay.reference })} closeWord={common("back")} onClose={onClose} atSide>
      <p>{t("stands", { yacht: yacht.was, from: at(stay.startsAt), until: at(stay.endsAt) })}</p>
      <chakra.p fontWeight="700" marginBottom="3">
        {t("becomes", { yacht: yacht.becomes, from: at(to.startsAt), until: at(to.endsAt) })}
      </chakra.p>
      <FormFrame form={form} action={t("move")} disabled={form.typed.why.trim() === "" || foresight.fault !== null}>
        <Effects foresight={foresight} currency={currency} at={at} />
        <FormInput form={form} name="why" maxLength={500} autoFocus />
        <FormInput form={form} name="told" maxLength={200} />
      </FormFrame>
    </Dialog>
  );
}
