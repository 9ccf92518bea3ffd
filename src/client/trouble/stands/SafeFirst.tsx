"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { Safety } from "@/core/faults/kinds/kind";
import { cardFor } from "@/core/faults/card";
import type { CardPurpose } from "@/core/yacht/parts/purposes";
import type { YachtFile } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { EmergencyCard } from "../../parts/EmergencyCard";
import styles from "../Trouble.module.css";

const cards: Readonly<Partial<Record<Safety, CardPurpose>>> = {
  people: "casualty",
  water: "water",
  fire: "fire",
  gas: "gas",
  position: "dragging",
};

/** What is made safe before anything is looked at, in the fixed order; what is not so leads to its card at once. */
export function SafeFirst({ file, safe, onSafe }: { file: YachtFile; safe: readonly Safety[]; onSafe: () => void }) {
  const t = useTranslations("lead");
  const [danger, setDanger] = useState<CardPurpose | null>(null);
  const card = danger && cardFor(file, danger);
  return (
    <>
      <h2>{t("safe-title")}</h2>
      <ol className={styles.safe}>
        {safe.map((each) => (
          <li key={each}>{t(`safe-${each}`)}</li>
        ))}
      </ol>
      <Button look="main" large onClick={onSafe}>
        {t("safe-yes")}
      </Button>
      <h3>{t("safe-not")}</h3>
      <div className={styles.dangers}>
        {safe.flatMap((each) => {
          const leads = cards[each];
          return leads ? (
            <button key={each} type="button" aria-pressed={danger === leads} onClick={() => setDanger(leads)}>
              {t(`danger-${leads as "fire"}`)}
            </button>
          ) : (
            []
          );
        })}
      </div>
      {card && <EmergencyCard key={danger} file={file} card={card} isOpen />}
    </>
  );
}
