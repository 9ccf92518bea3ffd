"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { localizeFigures } from "@/core/yacht/figures";
import { clutchRows } from "@/core/yacht/rig/clutch-rows";
import type { YachtFile } from "@/core/yacht/schema";
import { ClutchMap } from "@/ui/rig/ClutchMap";
import { useLineWords } from "../rig/use-line-words";
import styles from "./Finder.module.css";

/** A line: where it is worked, its colours, what it does, and its clutch among the others. */
export function LineDetail({ file, id }: { file: YachtFile; id: string }) {
  const t = useTranslations("rig");
  const { colours, workedBy } = useLineWords(file);
  const line = file.lines[id];
  if (!line) return null;
  const name = localizeFigures(file, line.name);
  const row = clutchRows(file).find(({ lines }) => lines.some(({ key }) => key === id));
  const at = row ? row.lines.findIndex(({ key }) => key === id) + 1 : 0;
  const where = localizeFigures(file, file.fittings[row?.clutch ?? ""]?.where ?? line.mark ?? { en: "" });
  return (
    <article className={styles.detail} aria-label={name}>
      <h2>{name}</h2>
      <p className={styles.where}>
        {[localize(file.places[line.place]?.name ?? { en: line.place }), where].filter(Boolean).join(", ")}
      </p>
      {line.caution && <p className={styles.caution}>{localizeFigures(file, line.caution)}</p>}
      <p>{t("line", { colours: colours(line), works: localizeFigures(file, line.works), by: workedBy(line) })}</p>
      {row && (
        <>
          <p>{t("clutch-of", { at, all: row.lines.length })}</p>
          <ClutchMap lines={row.lines} lit={id} title={t("map", { where, lines: row.lines.length })} />
        </>
      )}
    </article>
  );
}
