"use client";
import { useTranslations } from "next-intl";
import { entriesByOrder } from "@/core/yacht/by-order";
import { localizeFigures } from "@/core/yacht/figures";
import { systems, type YachtFile } from "@/core/yacht/schema";
import { LinesPart } from "../rig/LinesPart";
import styles from "./Book.module.css";

/** Everything aboard by system: what is done with it, then what is fitted. */
export function BySystem({
  file,
  onProcedure,
  onFitting,
  onOther,
}: {
  file: YachtFile;
  onProcedure: (procedure: string) => void;
  onFitting: (fitting: string) => void;
  /** a line, a row of the table of sources, a device of the register */
  onOther: (kind: "line" | "source" | "equipment", key: string) => void;
}) {
  const t = useTranslations();
  const of = <T extends { system: string }>(parts: Record<string, T>, system: string) =>
    Object.entries(parts).filter(([, part]) => part.system === system);
  const sources = entriesByOrder(file.sources);
  const hasLines = Object.keys(file.lines).length > 0;
  return (
    <section className={styles.bySystem}>
      <h2>{t("book.by-system")}</h2>
      {systems.map((system) => {
        const [procedures, fittings] = [of(file.procedures, system), of(file.fittings, system)];
        if (procedures.length + fittings.length === 0) return null;
        return (
          <details key={system}>
            <summary>{t(`system.${system}`)}</summary>
            <ul className={styles.rows}>
              {procedures
                .sort(([, a], [, b]) => a.order - b.order)
                .map(([id, procedure]) => (
                  <li key={id}>
                    <button type="button" onClick={() => onProcedure(id)}>
                      <strong>{localizeFigures(file, procedure.title)}</strong>
                    </button>
                  </li>
                ))}
              {fittings.map(([id, fitting]) => (
                <li key={id}>
                  <button type="button" onClick={() => onFitting(id)}>
                    <strong>{localizeFigures(file, fitting.name)}</strong>
                    <span>{localizeFigures(file, fitting.where)}</span>
                  </button>
                </li>
              ))}
              {of(file.equipment, system).map(([id, part]) => (
                <li key={`equipment ${id}`}>
                  <button type="button" onClick={() => onOther("equipment", id)}>
                    <strong>{localizeFigures(file, part.name)}</strong>
                    <span>{t("equipment.papers")}</span>
                  </button>
                </li>
              ))}
              {system === "ac-power" && sources[0] && (
                <li>
                  <button type="button" onClick={() => onOther("source", sources[0]![0])}>
                    <strong>{t("rig.sources")}</strong>
                  </button>
                </li>
              )}
            </ul>
            {system === "rig-and-sails" && hasLines && <LinesPart file={file} onLine={(key) => onOther("line", key)} />}
          </details>
        );
      })}
    </section>
  );
}
