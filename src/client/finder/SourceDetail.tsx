"use client";
import { useTranslations } from "next-intl";
import { entriesByOrder } from "@/core/yacht/by-order";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import styles from "./Finder.module.css";

/** Which selectors together give which source, as a table, with the one that is asked for marked. */
export function SourceDetail({ file, id }: { file: YachtFile; id: string }) {
  const t = useTranslations("rig");
  const rows = entriesByOrder(file.sources);
  const selectors = file.sources[id]?.stands.map(({ fitting }) => fitting) ?? [];
  const name = (fitting: string) => localizeFigures(file, file.fittings[fitting]?.name ?? { en: fitting });
  const stand = (fitting: string, at: string | undefined) => {
    const named = file.fittings[fitting]?.positions?.stands.find((each) => each.at === at);
    return named ? localizeFigures(file, named.name) : "–";
  };
  return (
    <article className={styles.detail} aria-label={t("sources")}>
      <h2>{t("sources")}</h2>
      <p className={styles.caution}>{t("sources-caution")}</p>
      <div className={styles.wide}>
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">{t("source")}</th>
              {selectors.map((fitting) => (
                <th key={fitting} scope="col">
                  {name(fitting)}
                </th>
              ))}
              <th scope="col">{t("feeds")}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(([key, source]) => (
              <tr key={key} aria-current={key === id ? "true" : undefined}>
                <th scope="row">{localizeFigures(file, source.name)}</th>
                {selectors.map((fitting) => (
                  <td key={fitting}>{stand(fitting, source.stands.find((each) => each.fitting === fitting)?.at)}</td>
                ))}
                <td>
                  {localizeFigures(file, source.feeds)}
                  {source.caution && <p className={styles.never}>{localizeFigures(file, source.caution)}</p>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </article>
  );
}
