"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { YachtFile } from "@/core/yacht/schema";
import styles from "./Emergency.module.css";
import { EmergencySheet } from "./EmergencySheet";

/** The emergency cards, one tap away wherever one is. */
export function EmergencyButton({ file }: { file: YachtFile }) {
  const t = useTranslations();
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className={styles.emergency} onClick={() => setOpen(true)}>
        {t("book.emergency")}
      </button>
      {open && <EmergencySheet file={file} onClose={() => setOpen(false)} />}
    </>
  );
}
