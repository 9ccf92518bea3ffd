"use client";
import { useTranslations } from "next-intl";
import styles from "./DataTable.module.css";

/** Rows that are chosen, to do one thing with all of them. */
export interface Choosing {
  chosen: ReadonlySet<string>;
  onChosen: (ids: ReadonlySet<string>) => void;
  /** whether a row can be chosen; each can where nothing is said */
  may?: (id: string) => boolean;
}

/** The box that chooses one row. */
export function ChooseRow({ id, name, chosen, onChosen, may }: Choosing & { id: string; name: string }) {
  const t = useTranslations("table");
  const toggled = () => new Set(chosen.has(id) ? [...chosen].filter((each) => each !== id) : [...chosen, id]);
  return (
    <td className={styles.choose} onClick={(event) => event.stopPropagation()}>
      <input
        type="checkbox"
        aria-label={t("choose", { row: name })}
        checked={chosen.has(id)}
        disabled={may !== undefined && !may(id)}
        onChange={() => onChosen(toggled())}
      />
    </td>
  );
}

/** What stays chosen without some: those on other pages stay as they are. */
const without = (chosen: ReadonlySet<string>, off: readonly string[]): ReadonlySet<string> =>
  new Set([...chosen].filter((id) => !off.includes(id)));

/** The box that chooses every row that is shown, or none of them. */
export function ChooseAll({ shown, chosen, onChosen, may = () => true }: Choosing & { shown: readonly string[] }) {
  const t = useTranslations("table");
  const choosable = shown.filter(may);
  const isAll = choosable.length > 0 && choosable.every((id) => chosen.has(id));
  return (
    <th scope="col" className={styles.choose}>
      <input
        type="checkbox"
        aria-label={t("choose-all")}
        checked={isAll}
        onChange={() => onChosen(isAll ? without(chosen, choosable) : new Set([...chosen, ...choosable]))}
      />
    </th>
  );
}
