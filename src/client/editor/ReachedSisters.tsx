import { useTranslations } from "next-intl";
import type { ReviewedSister } from "@/api/schemas/draft";
import { changeWords } from "@/messages/change-words";
import { VerdictMark } from "@/ui/VerdictMark";
import styles from "../desk/shared/Desk.module.css";

/** Which yachts a class's change reaches: published with it and how, or left a draft and why. */
export function ReachedSisters({ sisters }: { sisters: readonly ReviewedSister[] }) {
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
