"use client";
import { useFormatter, useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { VerdictMark } from "@/ui/VerdictMark";
import { useLanguage } from "../language/language";
import { useHandover } from "../store/handover-context";
import styles from "./Sheets.module.css";

/** What the crew told was wrong under way, and what became of it: the base knows of it, and asks nobody anew. */
export function ToldTroubles() {
  const t = useTranslations("told");
  const language = useLanguage();
  const format = useFormatter();
  const { troubles = [], base } = useHandover().bundle;
  return (
    <>
      <p className={styles.local}>{t("words")}</p>
      <ul className={styles.rows}>
        {troubles.map(({ id, title, found, begunAt, outcome, said, answer }) => (
          <li key={id}>
            <VerdictMark verdict={outcome === "works" ? "fine" : "watch"} />
            <span className={styles.plain}>{localize(title, language)}</span>
            <span className={styles.place}>
              {format.dateTime(new Date(begunAt), { dateStyle: "medium", timeStyle: "short", timeZone: base.timeZone })}
              {` · ${t(outcome ?? "open")}`}
            </span>
            <div className={styles.told}>
              {found && <p>{localize(found, language)}</p>}
              {said.map((words) => (
                <p key={words}>{t("said", { words })}</p>
              ))}
              {answer && <p>{t("answer", { words: answer })}</p>}
            </div>
          </li>
        ))}
      </ul>
    </>
  );
}
