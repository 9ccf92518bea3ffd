"use client";
import { useFormatter, useTranslations } from "next-intl";
import type { CharterStep, StepState } from "@/core/stays/timeline";
import styles from "./CharterLine.module.css";

/** A charter as a line through time: what is behind, what is in hand, what is to come; each step opens with a tap. */
export function CharterLine({
  steps,
  open,
  timeZone,
  onOpen,
}: {
  steps: readonly StepState[];
  open: CharterStep;
  timeZone: string;
  onOpen: (step: CharterStep) => void;
}) {
  const t = useTranslations("step");
  const format = useFormatter();
  const day = (at: string) =>
    format.dateTime(new Date(at), { weekday: "short", day: "numeric", month: "short", timeZone });
  return (
    <ol className={styles.line} aria-label={t("title")}>
      {steps.map(({ step, state, at }) => (
        <li key={step} className={styles[state]}>
          <button type="button" aria-pressed={step === open} onClick={() => onOpen(step)}>
            <strong>{t(step)}</strong>
            <span className={styles.mark} aria-hidden="true" />
            <small>
              {t(`state-${state}`)}
              {at !== null && `, ${day(at)}`}
            </small>
          </button>
        </li>
      ))}
    </ol>
  );
}
