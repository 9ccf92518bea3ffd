"use client";
import { useTranslations } from "next-intl";
import { say } from "@/core/basics/words";
import { sayOf } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import { StepTimer } from "./StepTimer";
import styles from "./Procedure.module.css";

/** A procedure as it is said at the berth: caution first, steps in order with her own figures, what never to do and why. */
export function ProcedureSteps({ file, id, isOpen }: { file: YachtFile; id: string; isOpen: boolean }) {
  const t = useTranslations("walk");
  const procedure = file.procedures[id];
  if (!procedure) return null;
  return (
    <details className={styles.procedure} open={isOpen}>
      <summary>{sayOf(file, procedure.title)}</summary>
      {procedure.caution && <p className={styles.caution}>{sayOf(file, procedure.caution)}</p>}
      <ol>
        {procedure.steps.map((step, index) => (
          <li key={index}>
            <div>
              {step.before && <p className={styles.quiet}>{t("first", { words: sayOf(file, step.before) })}</p>}
              <p>{sayOf(file, step.words)}</p>
              {step.place && step.place !== procedure.place && (
                <p className={styles.quiet}>{say(file.places[step.place]?.name ?? { en: step.place }, "en")}</p>
              )}
              {step.watch && <p className={styles.watch}>{t("watch", { watch: sayOf(file, step.watch) })}</p>}
              {step.never && (
                <p className={styles.never}>
                  {t("never", { what: sayOf(file, step.never.what), why: sayOf(file, step.never.why) })}
                </p>
              )}
              {step.holdSeconds !== undefined && <StepTimer kind="hold" seconds={step.holdSeconds} />}
              {step.waitSeconds !== undefined && <StepTimer kind="wait" seconds={step.waitSeconds} />}
            </div>
          </li>
        ))}
      </ol>
    </details>
  );
}
