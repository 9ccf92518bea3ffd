"use client";
import { useTranslations } from "next-intl";
import { isRange } from "@/core/basics/span";
import { localize } from "@/core/basics/words";
import { figuresSheet, type SheetFigure } from "@/core/yacht/figures-sheet";
import type { YachtFile } from "@/core/yacht/schema";
import { Pairs } from "@/ui/Pairs";
import styles from "./Finder.module.css";

/** Figures in rows: what it is of, and how much. */
export function FigureRows({ figures }: { figures: readonly SheetFigure[] }) {
  const t = useTranslations("figures");
  return (
    <Pairs
      pairs={figures.map(({ id, of, value, unit }) => ({
        id: `${id} ${of ? localize(of) : ""}`,
        name: t(id),
        // a code of the catalogue has no hyphen
        value: isRange(value)
          ? t("range", { from: value.from, to: t(`in-${unit}`, { value: value.to as never }) })
          : t(`in-${unit}`, { value: (unit === "dsc" ? String(value).replace("-", "") : value) as never }),
        ...(of ? { of: localize(of) } : {}),
      }))}
    />
  );
}

/** What was asked of her in a figure: the fuel she takes, tank by tank. */
export function FigureDetail({ file, id }: { file: YachtFile; id: string }) {
  const t = useTranslations("figures");
  const figures = figuresSheet(file).filter((figure) => figure.id === id);
  const [first] = figures;
  if (!first) return null;
  return (
    <article className={styles.detail} aria-label={t(first.id)}>
      <h2>{t(first.id)}</h2>
      <FigureRows figures={figures} />
    </article>
  );
}
