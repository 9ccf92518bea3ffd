"use client";
import { useTranslations } from "next-intl";
import { entriesByOrder } from "@/core/yacht/by-order";
import { localizeFigures } from "@/core/yacht/figures";
import { systems, type YachtFile } from "@/core/yacht/schema";
import styles from "../Book.module.css";

/** What can be wrong, as one would say it, by system: for who does not know the word for the thing. */
export function Symptoms({ file, onProcedure }: { file: YachtFile; onProcedure: (procedure: string) => void }) {
  const t = useTranslations();
  const faults = entriesByOrder(file.procedures).filter(([, { kind }]) => kind === "fault");
  return (
    <section className={styles.block} aria-label={t("find.wrong-title")}>
      <h2>{t("find.wrong-title")}</h2>
      <p>{t("find.wrong-words")}</p>
      {systems.map((system) => {
        const of = faults.filter(([, procedure]) => procedure.system === system);
        if (of.length === 0) return null;
        return (
          <div key={system}>
            <h3>{t(`system.${system}`)}</h3>
            <ul className={styles.rows}>
              {of.map(([id, { title }]) => (
                <li key={id}>
                  <button type="button" onClick={() => onProcedure(id)}>
                    <strong>{localizeFigures(file, title)}</strong>
                  </button>
                </li>
              ))}
            </ul>
          </div>
        );
      })}
    </section>
  );
}
