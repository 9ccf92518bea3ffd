"use client";
import { Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";
import type { NextStep } from "@/core/handover/next-step";
import { OpenHandover } from "./OpenHandover";

/** The one next thing for a stay, as a button or a link. */
export function NextAction({ stayId, reference, next }: { stayId: string; reference: string; next: NextStep }) {
  const t = useTranslations("today");
  const to = (path: string, word: string, main = true) => (
    <Button asChild variant={main ? "solid" : "outline"} size={main ? "lg" : "md"}>
      <Link href={path}>{word}</Link>
    </Button>
  );
  switch (next) {
    case "hold-deposit":
      return to(`/charters/${reference}`, t("do-hold-deposit"));
    case "start-check-in":
    case "go-on-check-in":
      return (
        <>
          <OpenHandover stayId={stayId} kind="check-in" label={t(`do-${next}`)} />
          <OpenHandover stayId={stayId} kind="check-in" label={t("do-walk")} main={false} screen="walk" />
        </>
      );
    case "start-check-out":
    case "go-on-check-out":
      return <OpenHandover stayId={stayId} kind="check-out" label={t(`do-${next}`)} />;
    case "settle":
    case "clear-up":
      return to(`/charters/${reference}/settlement`, t(`do-${next}`));
    case "settle-record":
      return to(`/charters/${reference}#records`, t("do-settle-record"));
    case "settled":
      return to(`/charters/${reference}`, t("do-settled"), false);
    case "called-off":
      return null;
    case "under-way":
      return <chakra.p fontWeight="600">{t("do-under-way")}</chakra.p>;
  }
}
