"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { YachtFile } from "@/core/yacht/schema";
import { Sheet } from "@/ui/Sheet";
import styles from "./Emergency.module.css";
import { EmergencyCard } from "./EmergencyCard";

/** The emergency cards, one tap away wherever one is. */
export function EmergencyButton({ file }: { file: YachtFile }) {
  const t = useTranslations();
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className={styles.emergency} onClick={() => setOpen(true)}>
        {t("book.emergency")}
      </button>
      {open && (
        <Sheet title={t("book.emergency")} closeWord={t("common.close")} onClose={() => setOpen(false)}>
          <div className={styles.sheetCards}>
            {Object.entries(file.emergencyCards)
              .sort(([, a], [, b]) => a.order - b.order)
              .map(([id, card]) => (
                <EmergencyCard key={id} file={file} card={card} />
              ))}
          </div>
        </Sheet>
      )}
    </>
  );
}
