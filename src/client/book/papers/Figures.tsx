"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { figuresSheet } from "@/core/yacht/figures-sheet";
import type { YachtFile } from "@/core/yacht/schema";
import styles from "../Book.module.css";

/** Her figures on one sheet: how deep, how high, how much she holds, at how many revs. */
export function Figures({ file }: { file: YachtFile }) {
  const t = useTranslations("figures");
  return (
    <section className={styles.block} aria-label={t("title")}>
      <h2>{t("title")}</h2>
      <dl className={styles.facts}>
        {figuresSheet(file).map(({ id, of, value, unit }) => (
          <div key={`${id} ${of ? localize(of) : ""}`}>
            <dt>{t(id)}</dt>
            <dd>
              {t(`in-${unit}`, { value })}
              {of && <small>{localize(of)}</small>}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
