"use client";
import { Box, Button } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { closeYacht } from "@/api/charters";
import { closingKinds, type ClosingKind } from "@/core/charters/closing";
import { Dialog } from "@/ui/kit/Dialog";
import { Segments } from "@/ui/kit/Segments";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";
import { Allowed } from "../shared/staff";
import type { FreeDays } from "./useMoving";

interface Props {
  days: FreeDays;
  yacht: string;
  onClose: () => void;
}

/** What becomes of days that were drawn over: a new charter, or the yacht is closed. */
export function FreeDaysDialog({ days, yacht, onClose }: Props) {
  const t = useTranslations("calendar");
  const common = useTranslations("common");
  const [kind, setKind] = useState<ClosingKind>("service");
  const form = useDeskForm(closeYacht, {
    fields: {
      fromDay: { label: t("from-day"), typed: days.fromDay },
      outAt: { label: t("from-hour"), typed: "08:00" },
      toDay: { label: t("to-day"), typed: days.toDay },
      backAt: { label: t("to-hour"), typed: "17:00" },
      words: { label: t("what-for") },
    },
    ask: ({ words, ...typed }) => ({ body: { yacht: days.yacht, ...typed, kind, words: words.trim() } }),
    onTaken: onClose,
  });
  const query = new URLSearchParams({ yacht: days.yacht, from: days.fromDay, to: days.toDay });
  return (
    <Dialog title={t("free-title", { yacht })} closeWord={common("back")} onClose={onClose} atSide>
      <Box display="grid" gap="4">
        <Allowed action="enter-charter" quiet>
          <Button asChild variant="solid" size="lg">
            <Link href={`/charters/new?${query.toString()}`}>{t("new-here")}</Link>
          </Button>
        </Allowed>
        <Allowed action="close-yacht">
          <h3>{t("close")}</h3>
          <FormFrame form={form} action={t("close-do", { yacht })}>
            <Segments
              label={t("close")}
              options={closingKinds.map((value) => ({ value, word: t(`kind-${value}`) }))}
              value={kind}
              onChoose={setKind}
            />
            <Box display="grid" gridTemplateColumns="1fr 1fr" gap="3">
              <FormInput form={form} name="fromDay" type="date" />
              <FormInput form={form} name="outAt" type="time" />
              <FormInput form={form} name="toDay" type="date" />
              <FormInput form={form} name="backAt" type="time" />
            </Box>
            <FormInput form={form} name="words" maxLength={200} />
          </FormFrame>
        </Allowed>
      </Box>
    </Dialog>
  );
}
