"use client";
import { useTranslations } from "next-intl";
import type { BookStore } from "../../store/book-store";
import type { Stage } from "@/core/stays/stage";
import styles from "../Book.module.css";
import { useAt } from "../useAt";

/** Where a charter changes over from one yacht to another: with which one it goes on, or from which one they come. */
export function OtherYachts({ store: { book }, stage }: { store: BookStore; stage: Stage }) {
  const t = useTranslations("book");
  const at = useAt(book.base.timeZone);
  const others = book.others ?? [];
  const isLater = (startsAt: string) => Date.parse(startsAt) > Date.parse(book.stay.startsAt);
  const next = others.find(({ startsAt }) => isLater(startsAt));
  const before = others.findLast(({ startsAt }) => !isLater(startsAt));
  if (next)
    return (
      <section className={styles.block} aria-label={t("goes-on", { yacht: next.yacht })}>
        <h2>{t("goes-on", { yacht: next.yacht })}</h2>
        <p>{t("goes-on-words", { yacht: next.yacht, berth: next.berth, from: at(next.startsAt) })}</p>
      </section>
    );
  if (!before || (stage !== "before" && stage !== "day")) return null;
  return (
    <section className={styles.block} aria-label={t("came-from", { yacht: before.yacht })}>
      <h2>{t("came-from", { yacht: before.yacht })}</h2>
      <p>{t("came-from-words", { yacht: before.yacht })}</p>
    </section>
  );
}
