"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { useLanguage } from "../language/language";
import type { BookStore } from "../store/book-store";
import styles from "./Study.module.css";
import { useDrilled } from "./useDrilled";

/** The drills that the study asks this skipper for on this boat, or the base before one walks her alone; what waits and what is done stands behind. */
export function AskedDrills({ store, onDrill }: { store: BookStore; onDrill: (drill: string | null) => void }) {
  const t = useTranslations();
  const language = useLanguage();
  const { standings } = useDrilled(store);
  const rank = { now: 0, "another-day": 1, done: 2, free: 3 } as const;
  const shown = standings
    .filter(({ asked, byBase }) => asked !== "free" || byBase)
    .toSorted((a, b) => rank[a.asked] - rank[b.asked]);
  if (shown.length === 0) return null;
  return (
    <section className={styles.part} aria-label={t("study.drills")}>
      <h2>{t("study.drills")}</h2>
      <p>{t("study.drills-words", { share: store.book.drills?.sharePercent ?? 0 })}</p>
      <ul>
        {shown.map(({ drilled: { drill }, asked, byBase }) => {
          const name = t(`drill-device.${drill.device as "engine"}`);
          return (
            <li key={drill.key}>
              <button type="button" className={styles.row} onClick={() => onDrill(drill.key)}>
                <span>
                  <strong>{drill.part ? `${name}, ${localize(drill.part, language)}` : name}</strong>
                  <small>
                    {t(`study.drill-${asked}`)}
                    {byBase && asked !== "done" && ` · ${t("study.drill-base")}`}
                  </small>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
