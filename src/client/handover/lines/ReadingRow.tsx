"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { say } from "@/core/basics/words";
import type { ReadingValue } from "@/core/handover/aspects";
import { lineSubject, type ReadingLine } from "@/core/handover/list";
import { judgeReading } from "@/core/handover/state";
import { readingWords } from "@/messages/line-words";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { useCell, useHandover } from "../context";
import { readingFields, type FieldSpec } from "./reading-fields";
import { Row } from "./Row";
import styles from "./Row.module.css";

type Draft = Record<string, string | boolean>;

/** A value to be read off; judged at once by its rule. */
export function ReadingRow({ line }: { line: ReadingLine }) {
  const t = useTranslations();
  const store = useHandover();
  const cell = useCell(lineSubject(line.id), "reading");
  const value = cell && !cell.fork ? (cell.value as ReadingValue) : null;
  const fields = readingFields[line.reading] ?? [];
  const [draft, setDraft] = useState<Draft>(() => Object.fromEntries(fields.map((field) => [field.name, asDraft(value?.[field.name])])));
  const [wrong, setWrong] = useState<string | null>(null);
  const judgement = value ? judgeReading(line, value) : null;
  const history = (line.given.history as number[] | undefined)?.join(" · ");

  const commit = (next: Draft) => {
    setDraft(next);
    const parsed: ReadingValue = {};
    for (const field of fields) {
      const read = parse(field, next[field.name]);
      if (read === "empty") return setWrong(null);
      if (read === "wrong") return setWrong(field.name);
      parsed[field.name] = read.value;
    }
    setWrong(null);
    const same = value && fields.every((field) => value[field.name] === parsed[field.name]);
    if (!same) store.recordLine(line, parsed);
  };

  return (
    <Row line={line} cell={cell} verdict={judgement?.verdict ?? null} says={value && readingWords(t, line.reading, value)} how={say(line.how, "en")} wide>
      {() => (
        <div className={styles.fields}>
          {fields.map((field) =>
            field.type === "choice" ? (
              <div key={field.name} className={styles.free}>
                <Choice label={t(`field.${field.name}`)} options={field.options.map((option) => ({ value: option.value, word: t(option.word) }))} value={(draft[field.name] as string) || null} onChoose={(chosen) => commit({ ...draft, [field.name]: chosen })} />
              </div>
            ) : (
              <Field key={field.name} label={t(`field.${field.name}`)} error={wrong === field.name ? t(`field.wrong-${field.type}`) : null}>
                {(ids) => (
                  <input
                    {...ids}
                    type={field.type === "month" ? "month" : "text"}
                    inputMode={field.type === "number" ? "decimal" : undefined}
                    placeholder={field.type === "month" ? "2027-06" : undefined}
                    autoComplete="off"
                    value={String(draft[field.name] ?? "")}
                    onChange={(event) => (field.type === "month" ? commit({ ...draft, [field.name]: event.target.value }) : setDraft({ ...draft, [field.name]: event.target.value }))}
                    onBlur={() => commit(draft)}
                    onKeyDown={(event) => {
                      if (event.key === "Enter") commit(draft);
                    }}
                  />
                )}
              </Field>
            ),
          )}
          {history && <p className={styles.judged}>{t("reading.last", { history })}</p>}
          {judgement && (judgement.verdict !== "fine" || judgement.provisional) && (
            <p className={styles.judged} role="status">
              {judgement.askAgain && <strong className={styles.again}>{t("reading.again")} </strong>}
              <strong>{judgement.why}.</strong> {judgement.do} {t("reading.limit", { from: judgement.limit.from })}
            </p>
          )}
        </div>
      )}
    </Row>
  );
}

const asDraft = (value: number | string | boolean | undefined): string => (value === undefined ? "" : typeof value === "boolean" ? (value ? "yes" : "no") : String(value));

function parse(field: FieldSpec, typed: string | boolean | undefined): "empty" | "wrong" | { value: number | string | boolean } {
  const text = String(typed ?? "").trim();
  if (text === "") return "empty";
  if (field.type === "choice") return { value: field.yesNo ? text === "yes" : text };
  if (field.type === "month") return /^\d{4}-\d{2}(-\d{2})?$/.test(text) ? { value: text } : "wrong";
  const number = Number(text.replace(",", "."));
  return Number.isFinite(number) && number >= field.least && number <= field.most ? { value: number } : "wrong";
}
