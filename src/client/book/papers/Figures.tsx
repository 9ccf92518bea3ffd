"use client";
import { useTranslations } from "next-intl";
import { figuresSheet } from "@/core/yacht/figures-sheet";
import type { YachtFile } from "@/core/yacht/schema";
import { FigureRows } from "../../finder/FigureDetail";
import styles from "../Book.module.css";

/** Her figures on one sheet: how deep, how high, how much she holds, at how many revs. */
export function Figures({ file }: { file: YachtFile }) {
  const t = useTranslations("figures");
  return (
    <section className={styles.block} aria-label={t("title")}>
      <h2>{t("title")}</h2>
      <FigureRows figures={figuresSheet(file)} />
    </section>
  );
}
