"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { localizeFigures } from "@/core/yacht/figures";
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
      <summary>{localizeFigures(file, procedure.title)}</summary>
      {procedure.caution && <p className={styles.caution}>{localizeFigures(file, procedure.caution)}</p>}
      <ol>
        {procedure.steps.map((step, index) => (
          <li key={index}>
            <div>
              {step.before && (
                <p className={styles.quiet}>{t("first", { words: localizeFigures(file, step.before) })}</p>
              )}
              <p>{localizeFigures(file, step.words)}</p>
              {step.place && step.place !== procedure.place && (
                <p className={styles.quiet}>{localize(file.places[step.place]?.name ?? { en: step.place })}</p>
              )}
              {step.watch && <p className={styles.watch}>{t("watch", { watch: localizeFigures(file, step.watch) })}</p>}
              {step.never && (
                <p className={styles.never}>
                  {t("never", {
                    what: localizeFigures(file, step.never.what),
                    why: localizeFigures(file, step.never.why),
                  })}
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
