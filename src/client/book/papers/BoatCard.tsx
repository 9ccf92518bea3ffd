"use client";
import { printCard } from "@/api/yachts";
import { useTranslations } from "next-intl";
import { href } from "../../api/call";
import styles from "../Book.module.css";

/** Her card on one sheet of paper: figures, calls, emergency cards. */
export function BoatCard({ slug }: { slug: string }) {
  const t = useTranslations("card");
  return (
    <section className={styles.block} aria-label={t("title")}>
      <h2>{t("title")}</h2>
      <p>{t("words")}</p>
      <p className={styles.links}>
        <a href={href(printCard, { params: { slug } })} target="_blank" rel="noreferrer">
          {t("link")}
        </a>
      </p>
    </section>
  );
}
