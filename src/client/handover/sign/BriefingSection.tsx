"use client";
import { useTranslations } from "next-intl";
import styles from "./Sign.module.css";

/** How the briefing went, as it is signed. */
export function BriefingSection({ words: [sum, ...rest] }: { words: readonly string[] }) {
  const t = useTranslations("briefing");
  if (sum === undefined) return null;
  return (
    <section>
      <h2>{t("title")}</h2>
      <details>
        <summary>{sum}</summary>
        <ul className={styles.briefing}>
          {rest.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </details>
    </section>
  );
}
