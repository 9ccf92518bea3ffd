"use client";
import { useTranslations } from "next-intl";
import { localizeFigures } from "@/core/yacht/figures";
import type { InClutch } from "@/core/yacht/rig/clutch-rows";
import type { YachtFile } from "@/core/yacht/schema";
import { RopeMark } from "@/ui/rig/RopeMark";
import { useLineWords } from "./use-line-words";
import styles from "./Lines.module.css";

/** Lines one below the other: number at the clutches, rope, name, what it works, and by what. */
export function LineRows({
  file,
  lines,
  isNumbered,
  onLine,
}: {
  file: YachtFile;
  lines: readonly InClutch[];
  isNumbered: boolean;
  onLine?: ((key: string) => void) | undefined;
}) {
  const t = useTranslations("rig");
  const { colours, workedBy } = useLineWords(file);
  return (
    <ol className={styles.rows}>
      {lines.map(({ key, line }, i) => {
        const inside = (
          <>
            <span className={styles.number}>{isNumbered ? i + 1 : ""}</span>
            <RopeMark colour={line.colour} fleck={line.fleck} />
            <span className={styles.said}>
              <strong>{localizeFigures(file, line.name)}</strong>
              <small>
                {t("line", { colours: colours(line), works: localizeFigures(file, line.works), by: workedBy(line) })}
              </small>
            </span>
          </>
        );
        return (
          <li key={key}>
            {onLine ? (
              <button type="button" onClick={() => onLine(key)}>
                {inside}
              </button>
            ) : (
              <div>{inside}</div>
            )}
          </li>
        );
      })}
    </ol>
  );
}
