"use client";
import { useTranslations } from "next-intl";
import type { BookStore } from "../../store/book-store";
import styles from "../Book.module.css";
import { useAt } from "../useAt";

/** When she is theirs, at which berth, and what happens there first. */
export function WhenAndWhere({ store }: { store: BookStore }) {
  const t = useTranslations("arrival");
  const at = useAt(store.book.base.timeZone);
  const { stay, yacht, base, handovers } = store.book;
  const isBegun = handovers.some(({ kind, sealedAt }) => kind === "check-in" && sealedAt === null);
  return (
    <section className={styles.block} aria-label={t("title")}>
      <h2>{t("title")}</h2>
      <p className={styles.figure}>{at(stay.startsAt)}</p>
      <p>{t("where", { base: base.place, berth: yacht.berth })}</p>
      <p>{isBegun ? t("begun") : t("first")}</p>
    </section>
  );
}
