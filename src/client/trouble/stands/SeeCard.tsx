"use client";
import { useTranslations } from "next-intl";
import { cardFor } from "@/core/faults/card";
import type { CardPurpose } from "@/core/yacht/parts/purposes";
import type { YachtFile } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { EmergencyCard } from "../../parts/EmergencyCard";

/** An answer that means danger: its card, and nothing else until it is dealt with. */
export function SeeCard({ file, purpose, onDone }: { file: YachtFile; purpose: CardPurpose; onDone: () => void }) {
  const t = useTranslations("lead");
  const card = cardFor(file, purpose);
  return (
    <>
      <h2>{t("card-first")}</h2>
      {card && <EmergencyCard file={file} card={card} isOpen />}
      <Button large onClick={onDone}>
        {t("card-done")}
      </Button>
    </>
  );
}
