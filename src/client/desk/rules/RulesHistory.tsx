"use client";
import { useFormatter, useTranslations } from "next-intl";
import type { RulesChange } from "@/api/schemas/desk";
import { rulesFrom, type BaseRules } from "@/core/base/rules";
import { canonicalJson } from "@/core/basics/digest";
import styles from "../shared/Desk.module.css";
import { figures, limits, measures } from "./draft";

const names = {
  walkAlone: "walk-alone",
  expectedShown: "expected-shown",
  neverLetGo: "never",
  readingLimits: "limits",
  ...Object.fromEntries([...figures, ...measures]),
} as unknown as Partial<Record<keyof BaseRules, "walk-alone">>;

/** What was changed in the rules, when, by whom and why. */
export function RulesHistory({ history, timeZone }: { history: readonly RulesChange[]; timeZone: string }) {
  const t = useTranslations("rules");
  const format = useFormatter();
  const whatChanged = useWhatChanged();
  return (
    <section>
      <h2>{t("history")}</h2>
      {history.length === 0 ? (
        <p>{t("as-usual")}</p>
      ) : (
        <table className={styles.table} aria-label={t("history")}>
          <thead>
            <tr>
              {(["number", "when", "who", "what", "why-column"] as const).map((column) => (
                <th key={column} scope="col">
                  {t(column)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {history.map((change, index) => (
              <tr key={change.number}>
                <td>{change.number}</td>
                <td>{format.dateTime(new Date(change.at), { dateStyle: "medium", timeStyle: "short", timeZone })}</td>
                <td>{change.by}</td>
                <td>{whatChanged(rulesFrom(change.rules), rulesFrom(history[index + 1]?.rules ?? null))}</td>
                <td>{change.why}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

function useWhatChanged(): (now: BaseRules, before: BaseRules) => string {
  const t = useTranslations("rules");
  const all = useTranslations();
  const said = (those: BaseRules, field: keyof BaseRules): string => {
    const value = those[field];
    if (typeof value === "boolean") return t(value ? "yes" : "no");
    if (field === "expectedShown") return t(those.expectedShown);
    if (field === "neverLetGo") return those.neverLetGo.map((topic) => all(`matter.${topic}`)).join(", ");
    if (field !== "readingLimits") return String(value);
    const settled = limits.flatMap(([kind, limit]) => {
      const figure = those.readingLimits[kind]?.[limit];
      return figure === undefined ? [] : [`${t(`limit-${limit}`)} ${figure}`];
    });
    return settled.join(", ") || t("limits-none");
  };
  return (now, before) =>
    (Object.keys(names) as (keyof BaseRules)[])
      .filter((field) => canonicalJson(now[field]) !== canonicalJson(before[field]))
      .map((field) => `${t(names[field] ?? "walk-alone")}: ${said(before, field)} → ${said(now, field)}`)
      .join("; ");
}
