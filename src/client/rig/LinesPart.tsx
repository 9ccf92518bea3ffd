"use client";
import { useTranslations } from "next-intl";
import { localizeFigures } from "@/core/yacht/figures";
import { besideClutches, clutchRows } from "@/core/yacht/rig/clutch-rows";
import type { YachtFile } from "@/core/yacht/schema";
import { ClutchMap } from "@/ui/rig/ClutchMap";
import { LineRows } from "./LineRows";
import styles from "./Lines.module.css";

/** Every line of a boat: the clutches as they lie, what runs through each, and what no clutch holds. */
export function LinesPart({
  file,
  lit,
  onLine,
}: {
  file: YachtFile;
  lit?: string | undefined;
  onLine?: (key: string) => void;
}) {
  const t = useTranslations("rig");
  const beside = besideClutches(file);
  return (
    <div className={styles.part}>
      {clutchRows(file).map(({ clutch, lines }) => {
        const fitting = file.fittings[clutch];
        const where = fitting ? localizeFigures(file, fitting.where) : "";
        return (
          <section key={clutch} className={styles.part}>
            <p>{where}</p>
            <div className={styles.map}>
              <ClutchMap
                lines={lines}
                lit={lines.some(({ key }) => key === lit) ? lit : undefined}
                title={t("map", { where, lines: lines.length })}
              />
            </div>
            <LineRows file={file} lines={lines} isNumbered onLine={onLine} />
          </section>
        );
      })}
      {beside.length > 0 && (
        <section className={styles.part}>
          <h3>{t("beside")}</h3>
          <LineRows file={file} lines={beside} isNumbered={false} onLine={onLine} />
        </section>
      )}
    </div>
  );
}
