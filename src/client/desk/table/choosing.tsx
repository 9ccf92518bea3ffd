"use client";
import { useTranslations } from "next-intl";
import styles from "./DataTable.module.css";

/** Rows that are chosen, to do one thing with all of them. */
export interface Choosing {
  chosen: ReadonlySet<string>;
  onChosen: (ids: ReadonlySet<string>) => void;
}

/** The box that chooses one row. */
export function ChooseRow({ id, name, chosen, onChosen }: Choosing & { id: string; name: string }) {
  const t = useTranslations("table");
  const toggled = () => new Set(chosen.has(id) ? [...chosen].filter((each) => each !== id) : [...chosen, id]);
  return (
    <td className={styles.choose} onClick={(event) => event.stopPropagation()}>
      <input
        type="checkbox"
        aria-label={t("choose", { row: name })}
        checked={chosen.has(id)}
        onChange={() => onChosen(toggled())}
      />
    </td>
  );
}

/** The box that chooses every row that is shown, or none of them. */
export function ChooseAll({ shown, chosen, onChosen }: Choosing & { shown: readonly string[] }) {
  const t = useTranslations("table");
  const isAll = shown.length > 0 && shown.every((id) => chosen.has(id));
  return (
    <th scope="col" className={styles.choose}>
      <input
        type="checkbox"
        aria-label={t("choose-all")}
        checked={isAll}
        onChange={() => onChosen(new Set(isAll ? [] : shown))}
      />
    </th>
  );
}
