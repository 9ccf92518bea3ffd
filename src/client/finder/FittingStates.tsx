"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { statesOf } from "@/core/yacht/states";
import type { Fitting } from "@/core/yacht/parts/fittings";
import { StateDrawing } from "@/ui/plan/StateDrawing";
import styles from "./FittingStates.module.css";

/** How each stand of a fitting looks, side by side; nothing where her file does not say it. */
export function FittingStates({ fitting }: { fitting: Fitting }) {
  const t = useTranslations("finder");
  const drawn = statesOf(fitting);
  if (!drawn) return null;
  return (
    <ul className={styles.states} aria-label={t("states")}>
      {drawn.states.map(({ at, means, isUsual }) => (
        <li key={at} data-usual={isUsual || undefined}>
          <StateDrawing shape={drawn.shape} at={at} />
          <strong>{typeof means === "string" ? t(`means-${means}`) : localize(means)}</strong>
          <span>
            {t(`at-${at}`)}
            {isUsual && ` · ${t("usual")}`}
          </span>
        </li>
      ))}
    </ul>
  );
}
