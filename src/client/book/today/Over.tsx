"use client";
import { useTranslations } from "next-intl";
import { Button } from "@/ui/Button";
import type { BookStore } from "../../store/book-store";
import { useMoney } from "../../language/useMoney";
import styles from "../Book.module.css";

/** After the check-out: how it ended, and the way to the papers. */
export function Over({ store, onPapers }: { store: BookStore; onPapers: () => void }) {
  const t = useTranslations("over");
  const { settlement, base } = store.book;
  const money = useMoney(base.currency);
  return (
    <section className={styles.block} aria-label={t("title")}>
      <h2>{t("title")}</h2>
      {settlement ? (
        <p>
          {t("settled", {
            due: money(settlement.dueMinor),
            held: money(settlement.heldMinor),
            released: money(settlement.releaseMinor),
          })}
        </p>
      ) : (
        <p>{t("open")}</p>
      )}
      <Button look="main" large onClick={onPapers}>
        {t("papers")}
      </Button>
    </section>
  );
}
