"use client";
import { Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { callOffCharter } from "@/api/charters";
import type { StayView } from "@/api/schemas/desk";
import { calledOffs, type CalledOff } from "@/core/charters/call-off";
import { Dialog } from "@/ui/kit/Dialog";
import { Segments } from "@/ui/kit/Segments";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";
import { Allowed } from "../shared/staff";
import { Effects } from "./Effects";
import { useForesight } from "./useForesight";

interface Props {
  stay: StayView;
  onNumber: number;
  currency: string;
  at: (instant: string) => string;
}

/** Calls a charter off, or lets it take place after all; not once she was handed over. */
export function CallOff(props: Props) {
  const t = useTranslations("charters");
  const [isOpen, setOpen] = useState(false);
  const { calledOff, handovers, part } = props.stay;
  // a second yacht that was called off is agreed anew, from the first
  if (calledOff !== null && part > 1) return null;
  if (calledOff === null && handovers.some(({ kind, seals }) => kind === "check-in" && seals.length > 0)) return null;
  return (
    <Allowed action="enter-charter" quiet>
      <Button onClick={() => setOpen(true)}>{t(calledOff === null ? "call-off" : "takes-place")}</Button>
      {isOpen &&
        (calledOff === null ? (
          <CallOffDialog {...props} onClose={() => setOpen(false)} />
        ) : (
          <TakesPlaceDialog {...props} onClose={() => setOpen(false)} />
        ))}
    </Allowed>
  );
}

function CallOffDialog({ stay, onNumber, currency, at, onClose }: Props & { onClose: () => void }) {
  const t = useTranslations("charters");
  const common = useTranslations("common");
  const [to, setTo] = useState<CalledOff>("cancelled");
  const foresight = useForesight(stay.stayId, null);
  const form = useOffForm(stay.stayId, onNumber, to, onClose);
  return (
    <Dialog
      title={t("call-off-title", { reference: stay.reference })}
      closeWord={common("back")}
      onClose={onClose}
      atSide
    >
      <chakra.p marginBottom="3">{t("call-off-words")}</chakra.p>
      <FormFrame form={form} action={t("call-off-do")} disabled={form.typed.why.trim() === ""}>
        <Segments
          label={t("call-off-how")}
          options={calledOffs.map((value) => ({ value, word: t(`call-off-${value}`) }))}
          value={to}
          onChoose={setTo}
        />
        <Effects foresight={foresight} currency={currency} at={at} />
        <FormInput form={form} name="why" maxLength={500} />
        <FormInput form={form} name="told" maxLength={200} />
      </FormFrame>
    </Dialog>
  );
}

function TakesPlaceDialog({ stay, onNumber, onClose }: Props & { onClose: () => void }) {
  const t = useTranslations("charters");
  const common = useTranslations("common");
  const form = useOffForm(stay.stayId, onNumber, null, onClose);
  return (
    <Dialog title={t("takes-place-title", { reference: stay.reference })} closeWord={common("back")} onClose={onClose}>
      <chakra.p marginBottom="3">{t("takes-place-words")}</chakra.p>
      <FormFrame form={form} action={t("takes-place")} disabled={form.typed.why.trim() === ""}>
        <FormInput form={form} name="why" maxLength={500} />
        <FormInput form={form} name="told" maxLength={200} />
      </FormFrame>
    </Dialog>
  );
}

function useOffForm(stayId: string, onNumber: number, to: CalledOff | null, onTaken: () => void) {
  const t = useTranslations("charters");
  return useDeskForm(callOffCharter, {
    fields: { why: { label: t("why") }, told: { label: t("told") } },
    ask: ({ why, told }) => ({
      params: { id: stayId },
      body: { onNumber, to, why: why.trim(), told: told.trim() },
    }),
    onTaken,
  });
}
