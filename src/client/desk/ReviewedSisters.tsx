"use client";
import { useTranslations } from "next-intl";
import type { FileChange } from "@/core/yacht/changes";
import type { CheckedFinding } from "@/core/yacht/checks";
import { changeWords } from "@/messages/change-words";
import { VerdictMark } from "@/ui/VerdictMark";
import styles from "./Desk.module.css";

/** What publishing a class would do to one of its yachts. */
export interface ReviewedSister {
  slug: string;
  name: string;
  changes: FileChange[];
  blocked: CheckedFinding[];
}

/** Which yachts a class's change reaches: published with it and how, or left a draft and why. */
export function ReviewedSisters({ sisters }: { sisters: ReviewedSister[] }) {
  const t = useTranslations();
  return (
    <>
      <h3>{t("class.reaches", { yachts: sisters.length })}</h3>
      {sisters.map(({ slug, name, changes, blocked }) => (
        <details key={slug}>
          <summary>
            <VerdictMark verdict={blocked.length > 0 ? "watch" : "fine"} />{" "}
            {blocked.length > 0
              ? t("class.leaves-draft", { name, reasons: blocked.length })
              : t("class.publishes", { name, changes: changes.length })}
          </summary>
          <ul className={styles.points}>
            {blocked.map((finding) => (
              <li key={`${finding.check} ${finding.path}`}>
                <strong>{finding.message}</strong>
              </li>
            ))}
            {changes.map((change) => (
              <li key={change.path}>{changeWords(t, change)}</li>
            ))}
          </ul>
        </details>
      ))}
    </>
  );
}
