"use client";
import { useTranslations } from "next-intl";
import type { BoatBook } from "@/api/schemas/book";
import type { BookStore } from "../../store/book-store";
import { useMoney } from "../../language/useMoney";
import { Pairs } from "@/ui/Pairs";
import styles from "../Book.module.css";
import { useAt } from "../useAt";

/** What was agreed, and the base's rules that a crew goes by. */
export function Terms({ store, terms }: { store: BookStore; terms: NonNullable<BoatBook["terms"]> }) {
  const t = useTranslations("terms");
  const at = useAt(store.book.base.timeZone);
  const { base, stay } = store.book;
  const money = useMoney(base.currency);
  const rows: [string, string][] = [
    [t("deposit"), t(`deposit-${terms.depositHow}`, { sum: money(terms.depositMinor) })],
    [t("waiver"), terms.waiverMinor === null ? t("none") : t("waiver-most", { sum: money(terms.waiverMinor) })],
    [t("fuel"), t(`fuel-${terms.fuelRule}`)],
    [t("back"), at(stay.endsAt)],
    [t("late"), t("late-hours", { hours: terms.lateHours })],
    [
      t("wind"),
      t("wind-limit", {
        knots: terms.windLimitKn,
        limits: terms.gustLimitKn === undefined ? "no" : "yes",
        gusts: terms.gustLimitKn ?? 0,
      }),
    ],
  ];
  return (
    <section className={styles.block} aria-label={t("title")}>
      <h2>{t("title")}</h2>
      <Pairs pairs={rows.map(([name, value]) => ({ id: name, name, value }))} />
    </section>
  );
}
