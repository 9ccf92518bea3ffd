"use client";
import { walkAlone } from "@/api/book";
import { AppError } from "@/api/app-error";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { NotAlone } from "@/core/briefing/study/walk-alone";
import { Button } from "@/ui/Button";
import { openHere } from "../store/open-here";
import styles from "./Book.module.css";

/** The walk without a briefer, where the base allows it: what still stands against it, or the way in, with what never to do alone. */
export function WalkAlone({ against }: { against: readonly NotAlone[] }) {
  const t = useTranslations();
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  // where the base does not allow it there is nothing to be said about it
  if (against.includes("base-rule")) return null;
  const open = async () => {
    setBusy(true);
    setFault(null);
    try {
      await openHere(walkAlone, {}, "walk");
    } catch (error) {
      setFault(error instanceof AppError ? error.message : t("desk.no-signal"));
      setBusy(false);
    }
  };
  return (
    <section className={styles.part} aria-label={t("alone.title")}>
      <h2>{t("alone.title")}</h2>
      <p>{t("alone.words")}</p>
      {against.length > 0 ? (
        <>
          <p>
            <strong>{t("alone.not-yet")}</strong>
          </p>
          <ul className={styles.changes}>
            {against.map((why) => (
              <li key={why}>{t(`alone.${why}`)}</li>
            ))}
          </ul>
        </>
      ) : (
        <>
          <p>
            <strong>{t("alone.caution")}</strong>
          </p>
          <Button look="main" large disabled={busy} onClick={() => void open()}>
            {t("alone.open")}
          </Button>
        </>
      )}
      {fault && <p role="alert">{fault}</p>}
    </section>
  );
}
