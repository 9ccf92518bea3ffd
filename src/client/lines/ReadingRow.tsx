"use client";
import { useTranslations } from "next-intl";
import { lineSubject, type ReadingLine } from "@/core/handover/lines";
import { judgeReading } from "@/core/handover/lines/reading";
import { isCorrected } from "@/core/handover/state";
import { fetchedWords } from "@/messages/line-words";
import { useCell, useLine } from "../store/handover-context";
import { FieldsRow } from "./FieldsRow";
import styles from "./Row.module.css";

/** A value to be read off; judged at once by its rule, beside what the boat's own server measured. */
export function ReadingRow({ line }: { line: ReadingLine }) {
  const t = useTranslations();
  const { value } = useLine(line);
  const fetched = useCell(lineSubject(line.id), "fetched")?.value ?? null;
  const judgement = value ? judgeReading(line, value) : null;
  const history = (line.given.history as number[] | undefined)?.join(" · ");
  return (
    <FieldsRow line={line} measured={fetched?.values}>
      {fetched && (
        <p className={styles.judged}>
          {t(value && isCorrected(value, fetched) ? "boat-data.corrected" : "boat-data.said", {
            from: fetched.from,
            value: fetchedWords(t, fetched.values),
          })}{" "}
          {!value && t("boat-data.part")}
        </p>
      )}
      {history && <p className={styles.judged}>{t("reading.last", { history })}</p>}
      {judgement && (judgement.verdict !== "fine" || judgement.provisional) && (
        <p className={styles.judged} role="status">
          {judgement.askAgain && <strong className={styles.again}>{t("reading.again")} </strong>}
          <strong>{judgement.why}.</strong> {judgement.do} {t("reading.limit", { from: judgement.limit.from })}
        </p>
      )}
    </FieldsRow>
  );
}
