"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { cardFor } from "@/core/faults/card";
import type { YachtFile } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { EmergencyCard } from "../../parts/EmergencyCard";
import styles from "../Trouble.module.css";
import { useWait } from "../useWait";

/** After so long whether she is safe is asked again. */
const askAgainSeconds = 120;

/** The clock of a wait: it goes on over a restart, sounds at its end where one wants it, and asks whether she lies safe. */
export function Wait({ file, until, asksSafe }: { file: YachtFile; until: string; asksSafe: boolean }) {
  const t = useTranslations("lead");
  const { leftSeconds, isTelling, tell } = useWait(until, t("notice", { yacht: file.particulars.name }));
  const [askedAt, setAskedAt] = useState<number | null>(null);
  const [isAdrift, setAdrift] = useState(false);
  const card = cardFor(file, "dragging");
  if (leftSeconds <= 0)
    return (
      <p className={styles.wait} role="alert">
        <strong>{t("wait-over")}</strong>
      </p>
    );
  const isDue = askedAt === null || askedAt - leftSeconds >= askAgainSeconds;
  return (
    <div className={styles.wait}>
      <strong role="timer">{t("wait-left", { left: clockOf(leftSeconds) })}</strong>
      {isTelling ? <p>{t("will-tell")}</p> : <Button onClick={tell}>{t("tell-me")}</Button>}
      {asksSafe && isDue && (
        <div className={styles.still} role="group" aria-label={t("still-safe")}>
          <span>{t("still-safe")}</span>
          <Button
            onClick={() => {
              setAskedAt(leftSeconds);
              setAdrift(false);
            }}
          >
            {t("still-yes")}
          </Button>
          <Button onClick={() => setAdrift(true)}>{t("still-no")}</Button>
        </div>
      )}
      {isAdrift && card && <EmergencyCard file={file} card={card} isOpen />}
    </div>
  );
}

const clockOf = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.ceil(seconds) % 60).padStart(2, "0")}`;
