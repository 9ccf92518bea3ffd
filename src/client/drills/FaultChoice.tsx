"use client";
import { useState } from "react";
import { deviceOf } from "@/core/drills/run";
import type { Translator } from "@/messages/translator";
import { Button } from "@/ui/Button";
import styles from "./Drills.module.css";

/** A fault that a device was given, and whether whoever works it knows which. */
export interface GivenFault {
  fault: string;
  isSecret: boolean;
  /** it came from the desk */
  isSent?: boolean;
  /** counts, so that the same fault given twice begins anew */
  number: number;
}

interface Props {
  device: string;
  given: GivenFault | null;
  t: Translator;
  onGive: (given: GivenFault | null) => void;
}

/** Gives a device a fault: one that a briefer chooses, or one that nobody knows. */
export function FaultChoice({ device, given, t, onGive }: Props) {
  const [isRevealed, setRevealed] = useState(false);
  const { faults } = deviceOf(device);
  if (faults.length === 0) return null;
  const give = (fault: string | undefined, isSecret: boolean) => {
    setRevealed(false);
    onGive(fault === undefined ? null : { fault, isSecret, number: (given?.number ?? 0) + 1 });
  };
  const wordOf = (fault: string) => t(`drill-fault.${device}_${fault}` as "drill-fault.gas_leak");
  return (
    <details className={styles.faults}>
      <summary>{t("drill.fault-title")}</summary>
      <p>{t("drill.fault-words")}</p>
      <div className={styles.senses} role="group" aria-label={t("drill.fault-title")}>
        <Button aria-pressed={given === null} onClick={() => give(undefined, false)}>
          {t("drill.fault-none")}
        </Button>
        <Button
          aria-pressed={given?.isSecret === true}
          onClick={() => give(faults[Math.floor(Math.random() * faults.length)], true)}
        >
          {t("drill.fault-surprise")}
        </Button>
        {faults.map((fault) => (
          <Button
            key={fault}
            aria-pressed={given !== null && !given.isSecret && given.fault === fault}
            onClick={() => give(fault, false)}
          >
            {wordOf(fault)}
          </Button>
        ))}
      </div>
      {given?.isSecret &&
        (isRevealed ? (
          <p>{t("drill.fault-was", { fault: wordOf(given.fault) })}</p>
        ) : (
          <Button look="quiet" onClick={() => setRevealed(true)}>
            {t("drill.fault-reveal")}
          </Button>
        ))}
    </details>
  );
}
