"use client";
import { useTranslations } from "next-intl";
import type { YachtFile } from "@/core/yacht/schema";
import { Sheet } from "@/ui/Sheet";
import styles from "./Emergency.module.css";
import { EmergencyCards } from "./EmergencyCards";

/** The emergency cards over whatever is on the screen. */
export function EmergencySheet({ file, onClose }: { file: YachtFile; onClose: () => void }) {
  const t = useTranslations();
  return (
    <Sheet title={t("book.emergency")} closeWord={t("common.close")} onClose={onClose}>
      <div className={styles.sheetCards}>
        <EmergencyCards file={file} />
      </div>
    </Sheet>
  );
}
