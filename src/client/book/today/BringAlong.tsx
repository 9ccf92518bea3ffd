"use client";
import { useTranslations } from "next-intl";
import styles from "../Book.module.css";

const things = ["papers", "card", "time", "weights", "shoes", "phone"] as const;

/** What to bring to the berth, so that nobody is sent back for it. */
export function BringAlong() {
  const t = useTranslations("bring");
  return (
    <section className={styles.block} aria-label={t("title")}>
      <h2>{t("title")}</h2>
      <ul className={styles.plain}>
        {things.map((thing) => (
          <li key={thing}>{t(thing)}</li>
        ))}
      </ul>
    </section>
  );
}
