"use client";
import { useTranslations } from "next-intl";
import { useHandover } from "../../store/handover-context";
import styles from "./Sign.module.css";

/** What was known to be wrong with her when the list was made. Nothing when nothing was. */
export function KnownList() {
  const t = useTranslations("known");
  const known = useHandover().bundle.list.known ?? [];
  if (known.length === 0) return null;
  return (
    <section>
      <h2>{t("title")}</h2>
      <ul className={styles.briefing}>
        {known.map((each) => (
          <li key={each.id}>
            <strong>{each.title}</strong>: {each.words}
          </li>
        ))}
      </ul>
    </section>
  );
}
