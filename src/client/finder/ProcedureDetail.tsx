"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import styles from "./Finder.module.css";

interface Props {
  file: YachtFile;
  id: string;
  onFitting: (fitting: string) => void;
}

/** A procedure as a briefer talks it through: what must be true before, the steps in order, what never to do and why. */
export function ProcedureDetail({ file, id, onFitting }: Props) {
  const t = useTranslations("finder");
  const procedure = file.procedures[id];
  if (!procedure) return null;
  const title = localizeFigures(file, procedure.title);
  return (
    <article className={styles.detail} aria-label={title}>
      <h2>{title}</h2>
      {procedure.caution && <p className={styles.caution}>{localizeFigures(file, procedure.caution)}</p>}
      {procedure.after && (
        <p>
          <strong>{t("after")}:</strong>{" "}
          {procedure.after.map((key) => localizeFigures(file, file.procedures[key]?.title ?? { en: key })).join(", ")}
        </p>
      )}
      {procedure.before && (
        <p>
          <strong>{t("before")}:</strong> {localizeFigures(file, procedure.before)}
        </p>
      )}
      <ol className={styles.steps}>
        {procedure.steps.map((step, index) => {
          const fitting = step.fitting === undefined ? undefined : file.fittings[step.fitting];
          const place = step.place ?? fitting?.place;
          return (
            <li key={index}>
              <div>
                {step.before && <p className={styles.note}>{localizeFigures(file, step.before)}</p>}
                <p>{localizeFigures(file, step.words)}</p>
                {place && (
                  <p className={styles.note}>
                    {localize(file.places[place]?.name ?? { en: place })}
                    {fitting && step.fitting && (
                      <>
                        {": "}
                        <button type="button" className={styles.link} onClick={() => onFitting(step.fitting ?? "")}>
                          {localizeFigures(file, fitting.name)}
                        </button>
                      </>
                    )}
                  </p>
                )}
                {step.holdSeconds !== undefined && (
                  <p className={styles.note}>{t("hold", { seconds: step.holdSeconds })}</p>
                )}
                {step.waitSeconds !== undefined && (
                  <p className={styles.note}>
                    {step.waitSeconds < 120
                      ? t("wait", { seconds: step.waitSeconds })
                      : t("wait-minutes", { minutes: Math.round(step.waitSeconds / 60) })}
                  </p>
                )}
                {step.watch && (
                  <p>
                    <strong>{t("watch")}:</strong> {localizeFigures(file, step.watch)}
                  </p>
                )}
                {step.never && (
                  <p className={styles.never}>
                    {localizeFigures(file, step.never.what)} {localizeFigures(file, step.never.why)}
                  </p>
                )}
              </div>
            </li>
          );
        })}
      </ol>
    </article>
  );
}
