"use client";
import { useTranslations } from "next-intl";
import type { Finding } from "@/messages/findings";
import { VerdictMark } from "@/ui/VerdictMark";
import styles from "./Sign.module.css";

/** What differs from "all here, all fine". */
export function NotedSection({ noted }: { noted: readonly Finding[] }) {
  const t = useTranslations("sign");
  return (
    <section>
      <h2>{t("noted")}</h2>
      {noted.length === 0 ? (
        <p>{t("all-fine")}</p>
      ) : (
        <table className={styles.noted}>
          <caption className="visually-hidden">{t("noted")}</caption>
          <thead>
            <tr>
              <th scope="col">{t("col-place")}</th>
              <th scope="col">{t("col-what")}</th>
              <th scope="col">{t("col-noted")}</th>
            </tr>
          </thead>
          <tbody>
            {noted.map((finding) => (
              <tr key={finding.id}>
                <td>{finding.place}</td>
                <th scope="row">{finding.name}</th>
                <td>
                  <span className={styles.said}>
                    <VerdictMark verdict={finding.verdict} /> {finding.words}
                    {finding.photos.length > 0 && ` · ${t("photos", { photos: finding.photos.length })}`}
                  </span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
